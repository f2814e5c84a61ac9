package scree.app.reply;

import java.util.List;
import scree.app.kit.Product;
import scree.app.sitting.Sitting;
import scree.app.skin.TakenReading;
import scree.core.colour.Lab;
import scree.core.judge.Verdict;
import scree.core.reason.Reason;

/**
 * An answer as it stands, before it is sent.
 *
 * @param reading of the picture, null while nothing was read
 * @param parts in the order of the work, none while nothing was read
 */
record TakenReply(
        Sitting sitting,
        TakenReading reading,
        ReplySheet sheet,
        int seq,
        boolean undoable,
        boolean redoable,
        List<Standing> parts) {
    /**
     * A part.
     *
     * @param offers of the kit that look right, the best first, and what was chosen by hand
     * @param chosen what the answer names of them
     * @param near whether any shade near the colour is named
     * @param colour that such a shade would have, null where that cannot be told
     * @param sought the same in codes, or null
     */
    record Standing(
            ReplyPart part,
            List<Offer> offers,
            List<Offer> chosen,
            boolean byHand,
            boolean left,
            boolean near,
            Lab colour,
            Reason sought) {
        Standing {
            offers = List.copyOf(offers);
            chosen = List.copyOf(chosen);
        }

        /** Returns whether the answer says anything of it. */
        boolean named() {
            return !left && (near || !chosen.isEmpty());
        }
    }

    /**
     * A product for a part.
     *
     * @param difference ΔE00 from the skin, of bases only
     * @param verdict of what is judged by its role, null for bases and correctors
     * @param planned whether the plan for the face lays it
     */
    record Offer(Product product, Double difference, Verdict verdict, boolean planned) {}

    Standing of(ReplyPart part) {
        return parts.stream()
                .filter(p -> p.part() == part)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("nothing was read"));
    }
}
