package scree.app.studio;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts for sign-in, and the artists of a studio. */
@Service
public class Accounts implements UserDetailsService {
    /** bcrypt looks at no more bytes, and refuses more. */
    public static final int LONGEST_BYTES = 72;

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;

    Accounts(AccountMapper mapper, PasswordEncoder passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    @Override
    public Member loadUserByUsername(String email) {
        Account a = mapper.findByEmail(email.strip());
        if (a == null) {
            throw new UsernameNotFoundException("no such account");
        }
        return new Member(
                a.id(),
                new StudioId(a.studioId()),
                a.name(),
                a.studioName(),
                a.email(),
                a.passwordHash(),
                a.stamp(),
                a.role());
    }

    /** Returns the people of a studio, by name. */
    public List<Artist> artists(StudioId studio) {
        return mapper.artists(studio);
    }

    /** Returns whether no account exists yet. */
    public boolean none() {
        return mapper.countStudios() == 0;
    }

    /** Founds a studio and returns its id. */
    @Transactional
    public StudioId foundStudio(String name) {
        return foundStudio(name, null);
    }

    /** @param zone the tz database's name of where it works, null for where the server is */
    @Transactional
    public StudioId foundStudio(String name, String zone) {
        return new StudioId(mapper.addStudio(name, zone));
    }

    /** Returns the new artist's id. */
    @Transactional
    public long addArtist(StudioId studio, String name, String email, String password) {
        return mapper.addArtist(studio, name, email, passwords.encode(password));
    }

    /** Returns whether the artist was removed, or the password changed, since this session began. */
    public boolean gone(Member member) {
        Integer stamp = mapper.stamp(member.studio(), member.artistId());
        return stamp == null || stamp != member.stamp();
    }

    /** Removes an artist: every session of theirs is over at its next request; what they did stays under their name. */
    @Transactional
    public void remove(StudioId studio, long artist) {
        mapper.remove(studio, artist);
    }

    /** Returns whether a password is the artist's own. */
    public boolean isPassword(Member member, String password) {
        boolean possible = password.getBytes(StandardCharsets.UTF_8).length <= LONGEST_BYTES;
        return possible
                && passwords.matches(
                        password, loadUserByUsername(member.email()).passwordHash());
    }

    /** Sets another password; every session that began with the old one is over at its next request. */
    @Transactional
    public void changePassword(StudioId studio, long artist, String password) {
        mapper.putPassword(studio, artist, passwords.encode(password));
    }
}
