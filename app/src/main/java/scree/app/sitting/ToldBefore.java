package scree.app.sitting;

/**
 * What the client's other sittings tell.
 *
 * @param reactions told for any of them, from home too, or null
 * @param patchReacted whether a patch test of one reacted
 */
public record ToldBefore(String reactions, boolean patchReacted) {
    public static final ToldBefore NOTHING = new ToldBefore(null, false);
}
