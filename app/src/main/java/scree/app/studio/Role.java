package scree.app.studio;

/** What somebody of a studio may do. Which page is open to whom stands at the page, by {@link OpenTo}. */
public enum Role {
    /** All, and who works here. */
    OWNER,
    /** All of the work. */
    ARTIST,
    /** The chair and the record of real clients; plans nothing and changes nothing that was planned. */
    ASSISTANT,
    /** Made-up faces only, and of these their own. */
    TRAINEE;

    /** Returns whether sittings may be booked with them. */
    public boolean books() {
        return this == OWNER || this == ARTIST;
    }
}
