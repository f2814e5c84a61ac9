package scree.app.people;

import java.time.OffsetDateTime;
import scree.app.studio.Role;

/** Somebody who works in a studio. */
public record Person(long id, String name, String email, Role role, OffsetDateTime since) {
    /** Returns whether they may change who works here. */
    public boolean owner() {
        return role == Role.OWNER;
    }
}
