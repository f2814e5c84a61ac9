package scree.app.studio;

/** One of the people who work in a studio. */
public record Artist(long id, String name) {
    /** Returns the name that the others call. */
    public String firstName() {
        return name.split(" ")[0];
    }
}
