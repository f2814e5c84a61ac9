package scree.app.people;

import java.time.OffsetDateTime;

/** Somebody who works in a studio. */
public record Person(long id, String name, String email, Role role, OffsetDateTime since) {
    /** What somebody may do. */
    public enum Role {
        /** All, and who works here. */
        OWNER,
        ARTIST
    }

    /** Returns whether they may change who works here. */
    public boolean owner() {
        return role == Role.OWNER;
    }
}
