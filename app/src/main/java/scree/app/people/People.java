package scree.app.people;

import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.passkey.Passkeys;
import scree.app.studio.Accounts;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;

/**
 * Who works in a studio. Only an owner changes that, and who is one is asked of the database each time, behind a lock on the studio: of two owners
 * who remove each other at once one stays, and the last one cannot leave.
 */
@Service
public class People {
    /** House choice: long enough for somebody who is travelling. */
    static final Duration INVITED_FOR = Duration.ofDays(7);
    /** House choice: whoever asks for another password waits for it. */
    static final Duration RESET_FOR = Duration.ofDays(1);

    private static final int TOKEN_BYTES = 24;
    private static final int LONGEST_TOKEN = 80;

    private final PeopleMapper mapper;
    private final Accounts accounts;
    private final Passkeys passkeys;
    private final Clock clock;

    People(PeopleMapper mapper, Accounts accounts, Passkeys passkeys, Clock clock) {
        this.mapper = mapper;
        this.accounts = accounts;
        this.passkeys = passkeys;
        this.clock = clock;
    }

    /** The studio would be left without an owner. */
    static final class LastOwner extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** The address is another account's. */
    static final class AddressTaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** Returns who works here. */
    public List<Person> all(StudioId studio) {
        return mapper.all(studio);
    }

    /** Returns whether somebody may change who works here. */
    public boolean owns(Member me) {
        return mapper.all(me.studio()).stream().anyMatch(p -> p.id() == me.artistId() && p.owner());
    }

    /** @throws NotHere when they may not: whoever may not does not learn what there is */
    private void owner(Member me) {
        mapper.lock(me.studio());
        if (!owns(me)) {
            throw new NotHere("people");
        }
    }

    /** Returns links that still open. */
    List<Invitation> open(StudioId studio) {
        return mapper.open(studio, now());
    }

    /** Makes a link by which somebody joins, and returns its token; it is shown once. */
    @Transactional
    public String invite(Member me, Role role) {
        owner(me);
        String token = Secrets.token(TOKEN_BYTES);
        mapper.invite(me.studio(), me.artistId(), role, null, Secrets.hash(token), now().plus(INVITED_FOR));
        return token;
    }

    /** Makes a link by which somebody of the studio chooses another password. */
    @Transactional
    public String reset(Member me, long artist) {
        owner(me);
        Person person = person(me.studio(), artist);
        String token = Secrets.token(TOKEN_BYTES);
        mapper.invite(me.studio(), me.artistId(), person.role(), artist, Secrets.hash(token), now().plus(RESET_FOR));
        return token;
    }

    /** Takes a link back. */
    @Transactional
    public void close(Member me, long invitation) {
        owner(me);
        mapper.close(me.studio(), invitation);
    }

    /** @throws LastOwner when nobody else would be one */
    @Transactional
    public void role(Member me, long artist, Role role) {
        owner(me);
        Person person = person(me.studio(), artist);
        if (person.owner() && role != Role.OWNER) {
            another(me.studio(), artist);
        }
        mapper.putRole(me.studio(), artist, role);
    }

    /**
     * Lets somebody go, or goes: what they did stays under their name, their sessions end at the next request, their links open no more.
     *
     * @throws LastOwner when nobody else would be one
     */
    @Transactional
    public void remove(Member me, long artist) {
        owner(me);
        if (person(me.studio(), artist).owner()) {
            another(me.studio(), artist);
        }
        mapper.closeOf(me.studio(), artist);
        accounts.remove(me.studio(), artist);
    }

    /** Brings somebody back who left, as an artist, with the password that they had. */
    @Transactional
    public void back(Member me, long artist) {
        owner(me);
        NotHere.unless(mapper.back(me.studio(), artist) > 0 ? artist : null, "person");
    }

    /** Returns who left, the last first. */
    List<Person> left(StudioId studio) {
        return mapper.left(studio);
    }

    private Person person(StudioId studio, long artist) {
        return mapper.all(studio).stream()
                .filter(p -> p.id() == artist)
                .findFirst()
                .orElseThrow(() -> new NotHere("person"));
    }

    private void another(StudioId studio, long than) {
        if (mapper.all(studio).stream().noneMatch(p -> p.owner() && p.id() != than)) {
            throw new LastOwner();
        }
    }

    /** Returns what a token opens; empty when it was never made, was used or closed, or has expired. */
    public Optional<Invitation> at(String token) {
        return token.length() > LONGEST_TOKEN
                ? Optional.empty()
                : Optional.ofNullable(mapper.byToken(Secrets.hash(token), now()));
    }

    /**
     * Joins a studio.
     *
     * @throws NotHere when the link was used meanwhile
     * @throws AddressTaken when another account has the address
     */
    @Transactional
    public void join(Invitation by, String name, String email, String password) {
        use(by);
        try {
            long artist = accounts.addArtist(by.studio(), name, email, password);
            mapper.putRole(by.studio(), artist, by.role());
        } catch (DuplicateKeyException taken) {
            throw new AddressTaken();
        }
    }

    /** Takes the password that somebody chose by a link; their sessions are over, their passkeys forgotten. */
    @Transactional
    public void choose(Invitation by, String password) {
        use(by);
        person(by.studio(), by.forArtist());
        accounts.changePassword(by.studio(), by.forArtist(), password);
        passkeys.forgetAll(by.studio(), by.forArtist());
    }

    private void use(Invitation by) {
        if (mapper.use(by.studio(), by.id()) == 0) {
            throw new NotHere("invitation");
        }
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock);
    }
}
