package roundpocket.app.home;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.ZoneId;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/** Opens the home before anything else has to do with its database, and closes it after everything else. */
@Component(HomeKeeper.NAME)
public class HomeKeeper implements DisposableBean {
    static final String NAME = "homeKeeper";

    private final HomeFolder home;
    private final HomeLock lock;
    private final Backups backups;
    private final String secret = newSecret();
    private final String id;
    private final JournalFile journal;

    HomeKeeper(@Value("${pocket.home}") String path, Clock clock) {
        home = new HomeFolder(Path.of(path).toAbsolutePath()).prepare();
        lock = HomeLock.on(home);
        backups = new Backups(home, clock, ZoneId.systemDefault());
        try {
            home.sweep();
            HomeFolder.write(home.token(), secret);
            id = idOf(home);
            JournalFile.Read read = JournalFile.read(home);
            new Opening(home, backups, clock, read).open();
            journal = JournalFile.begin(home, read.last());
        } catch (RuntimeException cannot) {
            lock.close();
            throw HomeTrouble.ofTheDisk(home, cannot)
                    .filter(any -> !(cannot instanceof HomeTrouble))
                    .map(RuntimeException.class::cast)
                    .orElse(cannot);
        }
    }

    private static String newSecret() {
        byte[] random = new byte[24];
        new SecureRandom().nextBytes(random);
        return HexFormat.of().formatHex(random);
    }

    /** What can be read as no id is none: then it gets one. */
    private static String idOf(HomeFolder home) {
        String known = home.idOr("");
        if (known.isEmpty()) {
            HomeFolder.write(home.id(), UUID.randomUUID().toString());
        }
        return home.idOr("");
    }

    /** Which home this is, whichever program answers for it. */
    public String id() {
        return id;
    }

    public HomeFolder home() {
        return home;
    }

    /** Known to whoever can read the home; another after each start. */
    public String secret() {
        return secret;
    }

    /** Notes where it answers, for {@code ./pocket backup} while it runs. */
    public void answersOn(@Nullable String port) {
        if (port != null) {
            HomeFolder.write(home.port(), port);
        }
    }

    JournalFile journal() {
        return journal;
    }

    Backups backups() {
        return backups;
    }

    /** What is damaged, while nobody has decided what to do about it. */
    public Optional<Damage> damage() {
        return Damage.noted(home);
    }

    @Override
    public void destroy() {
        try {
            Closed.note(home);
            HomeFolder.delete(home.port());
            journal.close();
        } finally {
            lock.close();
        }
    }

    /** Nothing opens the database before the home is open. */
    @Configuration(proxyBeanMethods = false)
    static class First {
        @Bean
        static BeanFactoryPostProcessor homeBeforeStore() {
            return beans -> beans.getBeanDefinition("dataSource").setDependsOn(NAME);
        }
    }
}
