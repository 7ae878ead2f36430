package app.logismos.server.stored;

import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How a database of an older version is brought to the newest. */
@Configuration
class Migrations {
    /** What failed once, as on a full disk, is tried again at the next start; each migration from 4 on allows for that. */
    @Bean
    FlywayMigrationStrategy again() {
        return flyway -> {
            flyway.repair();
            flyway.migrate();
        };
    }
}
