package app.logismos.server;

import app.logismos.evaluate.Limits;
import app.logismos.server.datafolder.DataFolder;
import app.logismos.server.datafolder.Unusable;
import app.logismos.server.worksheet.Practice;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.CommandLinePropertySource;
import org.springframework.core.env.Environment;
import org.springframework.core.env.SimpleCommandLinePropertySource;
import tools.jackson.databind.json.JsonMapper;

/** Starts the server. */
@SpringBootApplication
public class LogismosServer {
    /**
     * Starts the server, on 127.0.0.1 if nothing is said.
     *
     * @param arguments properties as {@code --name=value}; {@code --logismos.demo=true} adds the demo data
     */
    public static void main(String[] arguments) {
        prepare(arguments);
        Rehearsal.calculate();
        ConfigurableApplicationContext context = new Running(arguments).start();
        String address = address(context.getEnvironment());
        System.out.println("Logismos answers at " + address + " (Ctrl+C ends it)");
        Rehearsal.ask(address);
        Rehearsal.change(context.getBean(Practice.class));
        Rehearsal.draw(context.getBean(JsonMapper.class));
    }

    /** Where this machine reaches it: what listens everywhere listens here too. */
    private static String address(Environment environment) {
        String host = environment.getProperty("server.address", "127.0.0.1");
        boolean isEverywhere = host.equals("0.0.0.0") || host.equals("::");
        return "http://" + (isEverywhere ? "127.0.0.1" : host.contains(":") ? "[" + host + "]" : host) + ":"
                + environment.getProperty("local.server.port");
    }

    /** Makes the data folder ready; where it cannot be used, the program ends with a sentence. */
    private static void prepare(String[] arguments) {
        CommandLinePropertySource<?> given = new SimpleCommandLinePropertySource(arguments);
        String named = given.getProperty("logismos.data");
        String path = named != null ? named : System.getenv().getOrDefault("LOGISMOS_DATA", "data");
        try {
            DataFolder folder = DataFolder.at(Path.of(path));
            folder.prepare(given.containsProperty("logismos.as-it-is"));
            System.setProperty("java.io.tmpdir", folder.temporary().toString());
            folder.open();
            SpringApplication.getShutdownHandlers().add(folder::close);
        } catch (Unusable sentence) {
            System.err.println(sentence.getMessage());
            System.exit(1);
        }
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    Limits limits(@Value("${logismos.time}") Duration time) {
        return Limits.USUAL.within(time);
    }
}
