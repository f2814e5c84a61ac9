package scree.app.skin;

import java.util.Locale;
import scree.app.look.Stones;
import scree.core.skin.Undertone;

/**
 * Undertone as a slab cut into cool, neutral and warm.
 *
 * @param coolEnd where the first cut lies, px
 * @param neutralEnd where the second lies, px
 * @param oliveFrom where the olive cast begins at the right of the leading part, px
 * @param cool percent; the three make 100
 * @param olive percent of the cast
 * @param oliveShows whether it is worth showing
 * @param leading name of the leading family
 * @param words what it rests on
 */
record UndertoneSlab(
        String slab,
        double coolEnd,
        double neutralEnd,
        double oliveFrom,
        int cool,
        int neutral,
        int warm,
        int olive,
        boolean oliveShows,
        String leading,
        String words) {
    private static final double WIDTH = 360;
    private static final double HEIGHT = 46;

    private static final Stones STONES = new Stones();

    static UndertoneSlab of(Undertone u, int said, SkinWords words) {
        double coolEnd = WIDTH * u.cool();
        double neutralEnd = WIDTH * (u.cool() + u.neutral());
        double from = u.leading() == Undertone.Family.WARM
                ? neutralEnd
                : u.leading() == Undertone.Family.NEUTRAL ? coolEnd : 0;
        double end = u.leading() == Undertone.Family.WARM
                ? WIDTH
                : u.leading() == Undertone.Family.NEUTRAL ? neutralEnd : coolEnd;
        double oliveFrom = u.oliveShows() ? end - (end - from) * u.olive() : WIDTH;
        String basis = said > 0
                ? words.say("undertone.witnesses", said)
                : words.say(u.sheltered() ? "undertone.sheltered" : "undertone.exposed");
        String lean = words.say(
                "undertone.lean." + (u.leanDegrees() > 1 ? "golden" : u.leanDegrees() < -1 ? "pink" : "usual"),
                String.format(Locale.ROOT, "%.0f", Math.abs(u.leanDegrees())));
        return new UndertoneSlab(
                STONES.slab("undertone", 0, 0, WIDTH, HEIGHT),
                coolEnd,
                neutralEnd,
                oliveFrom,
                percent(u.cool()),
                percent(u.neutral()),
                100 - percent(u.cool()) - percent(u.neutral()),
                percent(u.olive()),
                u.oliveShows(),
                u.leading().name(),
                u.leans() ? words.say("undertone.leans") : basis + " " + lean);
    }

    private static int percent(double share) {
        return (int) Math.round(100 * share);
    }
}
