package roundpocket.app;

import java.time.Clock;
import java.time.ZoneOffset;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import roundpocket.app.home.HomeKeeper;

/** Starts Round Pocket: the HTTP interface, the store and the pages. */
@SpringBootApplication
public class RoundPocketApplication {
    private static final Logger LOG = LoggerFactory.getLogger(RoundPocketApplication.class);

    public static void main(String[] args) {
        if (args.length > 0 && HomeCommand.NAMES.contains(args[0])) {
            System.exit(HomeCommand.run(args));
        }
        SpringApplication.run(RoundPocketApplication.class, args);
    }

    @Bean
    ApplicationListener<ApplicationReadyEvent> sayWhere(@Value("${server.address}") String address, HomeKeeper home) {
        return ready -> {
            String port = ready.getApplicationContext().getEnvironment().getProperty("local.server.port");
            home.answersOn(port);
            LOG.info(
                    "Round Pocket is ready: http://{}:{}", address.contains(":") ? "[" + address + "]" : address, port);
        };
    }

    @Bean
    Clock clock() {
        return Clock.tickMillis(ZoneOffset.UTC); // the store keeps no finer instants
    }
}
