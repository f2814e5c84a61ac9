package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import scree.core.skin.Texture;

/**
 * How a plan is laid, step by step: the craft's order with its tool, its wait and its reason.
 *
 * @param layer what is laid, or null
 * @param number coats of it, minutes to wait, or 0
 */
public record Doing(Code code, Layer<?> layer, int number) {
    /** Minutes that a balm softens, and that a powder between coats sits. House choices. */
    static final int SOFTEN_MINUTES = 5;

    private static final int POWDER_MINUTES = 1;

    /** What is done; words with tool and reason live in messages. */
    public enum Code {
        /** Args: minutes. */
        SOFTEN,
        /** Grippy primer, let it settle. */
        GRIP,
        /** Args: coats. Pressed, the next when the last no longer comes off on a clean fingertip. */
        PRESS,
        /** Tapped with a fingertip or a small soft brush. */
        TAP,
        /** Sheered with balm first, then tapped. */
        TAP_SHEERED,
        EDGES_OUT,
        /** Clear powder pressed between: it takes up free oil, so the next cream does not carry off the coat below. Args: minutes. */
        POWDER_BETWEEN,
        BASE,
        /** Over the base, with the tool pressed. */
        PRESS_OVER,
        POWDER_PRESSED,
        SET_LIGHTLY,
        /** Dry skin is not powdered. */
        NO_POWDER,
        /** Round it: no red or pink, a neutral contour, no sheen. */
        KEEP_OFF
    }

    /** Returns the steps, none where nothing is laid beside the base. */
    public static <T> List<Doing> of(Mark mark, CoverPlan<T> plan) {
        if (plan.baseAlone()) {
            return List.of();
        }
        boolean heavy = mark.seen().heavy();
        boolean dry = mark.feel().contains(Texture.DRY_PATCH);
        boolean sheered = plan.place().bears() == Bears.CREPE || plan.place().bears() == Bears.FINE_LINES;
        List<Doing> all = new ArrayList<>();
        if (heavy || dry) {
            all.add(new Doing(Code.SOFTEN, null, SOFTEN_MINUTES));
        }
        if (heavy) {
            all.add(new Doing(Code.GRIP, null, 0));
        }
        for (Layer<T> l : plan.under()) {
            all.add(new Doing(heavy ? Code.PRESS : sheered ? Code.TAP_SHEERED : Code.TAP, l, l.coats()));
        }
        boolean dense = heavy && plan.coats() > 1;
        if (dense && !plan.under().isEmpty()) {
            all.add(new Doing(Code.EDGES_OUT, null, 0));
            all.add(new Doing(Code.POWDER_BETWEEN, null, POWDER_MINUTES));
        }
        if (plan.place().baseCoats() > 0) {
            all.add(new Doing(
                    Code.BASE, new Layer<>(plan.place().base(), plan.place().baseCoats()), 0));
        }
        for (int i = 0; i < plan.over().size(); i++) {
            Layer<T> l = plan.over().get(i);
            all.add(new Doing(heavy ? Code.PRESS : sheered ? Code.TAP_SHEERED : Code.PRESS_OVER, l, l.coats()));
            if (dense && plan.under().isEmpty() && i + 1 < plan.over().size()) {
                all.add(new Doing(Code.POWDER_BETWEEN, null, POWDER_MINUTES));
            }
        }
        if (dense && plan.under().isEmpty()) {
            all.add(new Doing(Code.EDGES_OUT, null, 0));
        }
        Layer<T> powder = plan.place().powder() == null
                ? null
                : new Layer<>(plan.place().powder(), plan.place().powderCoats());
        all.add(
                dry
                        ? new Doing(Code.NO_POWDER, null, 0)
                        : new Doing(heavy ? Code.POWDER_PRESSED : Code.SET_LIGHTLY, powder, 0));
        if (heavy) {
            all.add(new Doing(Code.KEEP_OFF, null, 0));
        }
        return all;
    }
}
