package scree.app.studio;

import java.util.Collection;
import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/**
 * The signed-in artist.
 *
 * @param passwordHash only while signing in; sessions do not keep it
 * @param stamp as the account had it at sign-in: a session with another one is over
 * @param role as it was then; another one comes with another stamp
 */
public record Member(
        long artistId,
        StudioId studio,
        String name,
        String studioName,
        String email,
        String passwordHash,
        int stamp,
        Role role)
        implements UserDetails {
    private static final long serialVersionUID = 1;

    /** Returns the same artist as a session keeps them. */
    public Member withoutHash() {
        return new Member(artistId, studio, name, studioName, email, "", stamp, role);
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return List.of(new SimpleGrantedAuthority("ROLE_" + role));
    }

    @Override
    public String getPassword() {
        return passwordHash;
    }

    @Override
    public String getUsername() {
        return email;
    }

    /** Never the hash. */
    @Override
    public String toString() {
        return "Member[" + artistId + "]";
    }
}
