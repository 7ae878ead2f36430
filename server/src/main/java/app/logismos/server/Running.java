package app.logismos.server;

import app.logismos.server.datafolder.DataFolder;
import app.logismos.server.datafolder.RestoreAsked;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.GenericApplicationListener;

/** The program while it runs. Where a backup is to take the place of its database, it is stopped, and started with that. */
final class Running {
    private static final Logger LOG = LoggerFactory.getLogger(Running.class);

    private final String[] arguments;

    Running(String... arguments) {
        this.arguments = arguments;
    }

    ConfigurableApplicationContext start() {
        SpringApplication application = new SpringApplication(LogismosServer.class);
        application.addInitializers(context -> context.addApplicationListener(
                GenericApplicationListener.forEventType(RestoreAsked.class, asked -> restoreApart(context))));
        return application.run(arguments);
    }

    /** In a thread of its own, which outlives that of the context and keeps the program alive until the next is there. */
    private void restoreApart(ConfigurableApplicationContext context) {
        Thread thread = new Thread(() -> restore(context), "restoring");
        thread.setDaemon(false);
        thread.start();
    }

    private void restore(ConfigurableApplicationContext context) {
        DataFolder folder = DataFolder.at(Path.of(context.getEnvironment().getRequiredProperty("logismos.data")));
        // Pages that are open find it again where it was.
        String port = context.getEnvironment().getRequiredProperty("local.server.port");
        LOG.info("A backup takes the place of the database.");
        context.close();
        folder.close();
        folder.putAsked(() -> at(port).start());
    }

    /** The same at this port: an option that is given twice counts as a list. */
    private Running at(String port) {
        return new Running(Stream.concat(
                        Stream.of(arguments).filter(argument -> !argument.startsWith("--server.port=")),
                        Stream.of("--server.port=" + port))
                .toArray(String[]::new));
    }
}
