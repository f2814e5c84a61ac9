package scree.app.people;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.kit.StarterKit;
import scree.app.studio.Accounts;
import scree.app.studio.Customs;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;

/**
 * The way into an empty installation: a one-time address at which the first studio is founded. It is made anew at each start while there is no
 * studio, told to whoever starts Scree and to nobody else, and gone once it was used. Further studios of an installation are founded at addresses
 * that {@code ./scree studio} makes, each open for seven days.
 */
@Service
public class FirstRun implements ApplicationRunner {
    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST_TOKEN = 80;

    private final PeopleMapper mapper;
    private final Accounts accounts;
    private final Customs customs;
    private final StarterKit kit;
    private final boolean demo;
    private final String file;

    FirstRun(
            PeopleMapper mapper,
            Accounts accounts,
            Customs customs,
            StarterKit kit,
            @Value("${scree.demo.enabled}") boolean demo,
            @Value("${scree.first-run.file:}") String file) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.customs = customs;
        this.kit = kit;
        this.demo = demo;
        this.file = file;
    }

    /** Makes the address while nobody can sign in; a demo founds its own studio. */
    @Override
    public void run(ApplicationArguments args) {
        if (file.isBlank() || demo) {
            return;
        }
        Path told = Path.of(file);
        try {
            Files.deleteIfExists(told);
            if (accounts.none()) {
                String token = make();
                Files.createFile(
                        told, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                Files.writeString(told, token);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("the first address could not be told in " + file, e);
        }
    }

    /** Makes a token in place of a former one and returns it; only its hash is kept. */
    @Transactional
    String make() {
        String token = Secrets.token(TOKEN_BYTES);
        mapper.putFirstRun(Secrets.hash(token));
        return token;
    }

    /** Returns whether a token opens the way in. */
    boolean opens(String token) {
        return token.length() <= LONGEST_TOKEN
                && (mapper.opensFirstRun(Secrets.hash(token), true)
                        || accounts.none() && mapper.opensFirstRun(Secrets.hash(token), false));
    }

    /**
     * Founds a studio; of two who do it at once one is told that it is done.
     *
     * @param starter whether its kit begins with some things of no maker
     * @throws NotHere when the token opens nothing, or the first studio was founded meanwhile
     * @throws People.AddressTaken when somebody of another studio has the address
     */
    @Transactional
    public void found(String token, Customs.Kept studio, String name, String email, String password, boolean starter) {
        if (!opens(token) || mapper.useFirstRun(Secrets.hash(token)) == 0) {
            throw new NotHere("first run");
        }
        StudioId founded = accounts.foundStudio(studio.name(), studio.zone());
        customs.put(founded, studio);
        try {
            accounts.addArtist(founded, name, email, password);
        } catch (DuplicateKeyException taken) {
            throw new People.AddressTaken();
        }
        if (starter) {
            kit.into(accounts.loadUserByUsername(email));
        }
        if (!file.isBlank()) {
            try {
                Files.deleteIfExists(Path.of(file));
            } catch (IOException left) {
                throw new UncheckedIOException("the used address could not be forgotten in " + file, left);
            }
        }
    }
}
