package app.logismos.server;

import app.logismos.evaluate.Limits;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import tools.jackson.databind.json.JsonMapper;

/** Starts the server. */
@SpringBootApplication
public class LogismosServer {
    /**
     * Starts the server on 127.0.0.1.
     *
     * @param arguments properties as {@code --name=value}; {@code --logismos.demo=true} adds the demo data
     */
    public static void main(String[] arguments) {
        Rehearsal.calculate();
        ConfigurableApplicationContext context = SpringApplication.run(LogismosServer.class, arguments);
        String address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
        System.out.println("Logismos answers at " + address + " (Ctrl+C ends it)");
        Rehearsal.ask(address);
        Rehearsal.draw(context.getBean(JsonMapper.class));
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    @Bean
    Limits limits() {
        return Limits.USUAL;
    }
}
