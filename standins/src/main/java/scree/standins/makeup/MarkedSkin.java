package scree.standins.makeup;

import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.skin.SkinModel;
import scree.core.skin.SkinModel.Beneath;
import scree.core.skin.SkinModel.Content;

/**
 * Skin with something to cover, of known truth: blood, melanin, veins, bile and ink in the skin model. On deep skin blood alone is hidden
 * while people see a dusky mark, so inflammation carries melanin there. All amounts are house choices, set so that what is seen on fair to
 * medium skin parts as the craft describes it.
 */
public final class MarkedSkin {
    private static final double MOST_MELANIN = .7;
    private static final double MOST_BLOOD = .3;
    private static final double USUAL_SATURATION = .7;
    /** Deep skin begins to show dusk at this melanin, L* 57, and is all of it at five times as much, L* 31. */
    private static final double DUSK_FROM = .06;

    private final double melanin;
    private final double blood;
    private final double carotene;

    /**
     * @param melanin volume share, 0.001 to 0.7
     * @param bloodTimes of the average at that melanin
     * @param carotene 1/cm
     */
    public MarkedSkin(double melanin, double bloodTimes, double carotene) {
        this.melanin = melanin;
        this.blood = Math.min(MOST_BLOOD, SkinModel.averageBlood(melanin) * bloodTimes);
        this.carotene = carotene;
    }

    /** What is to be seen. */
    public enum Kind {
        REDNESS,
        BLEMISH_RAW,
        BLEMISH_SETTLED,
        CAPILLARY,
        UNDER_EYE_PURPLE,
        UNDER_EYE_BROWN,
        MELASMA,
        SUN_SPOT,
        MOUTH_DARK,
        SALLOW,
        OLD_BRUISE,
        TATTOO_BLACK,
        TATTOO_COLOUR,
        LID_DULL,
        SCAR_PALE,
        SCAR_RED
    }

    /** Inks of coloured tattoos. */
    private static final Lab[] INKS = {
        Lab.of(42, 50, 28), Lab.of(46, -34, 18), Lab.of(46, -24, -18), Lab.of(34, 8, -38), Lab.of(78, 6, 66)
    };

    /** Returns the skin beside. */
    public Spectrum clear() {
        return skin(melanin, blood, USUAL_SATURATION, carotene);
    }

    /**
     * Returns the mark.
     *
     * @param severity 0 to 1.25
     * @param ink which ink, 0 to 4
     */
    public Spectrum mark(Kind kind, double severity, int ink) {
        double s = severity;
        double dusk = Math.max(0, Math.min(1, Math.log(melanin / DUSK_FROM) / Math.log(5)));
        return switch (kind) {
            case REDNESS -> skin(times(1 + dusk * u(.15, .35, s)), red(u(1.8, 3.2, s)), .75, carotene);
            case BLEMISH_RAW -> skin(times(1 + dusk * u(.2, .5, s)), red(u(2.8, 5, s)), .8, carotene);
            case BLEMISH_SETTLED -> skin(plus(u(.002, .007, s), u(.1, .35, s)), red(u(1.5, 2.3, s)), .65, carotene);
            case CAPILLARY -> lines(u(.35, .6, s), skin(times(1 + dusk * .2), red(u(4, 8, s)), .65, carotene));
            case UNDER_EYE_PURPLE ->
                over(
                        times(1.06 + .3 * dusk),
                        red(1.1),
                        .6,
                        carotene,
                        new Beneath(u(.040, .020, s), SkinModel.dermis(u(.05, .14, s), .45, carotene), null));
            case UNDER_EYE_BROWN -> skin(plus(u(.005, .014, s), u(.15, .4, s)), red(1.15), .65, carotene);
            case MELASMA -> skin(plus(u(.006, .018, s), u(.2, .5, s)), red(1.05), .7, carotene);
            case SUN_SPOT -> skin(plus(u(.010, .030, s), u(.3, .8, s)), blood, .7, carotene);
            case MOUTH_DARK -> skin(plus(u(.005, .014, s), u(.15, .4, s)), red(1.25), .55, carotene);
            case SALLOW -> skin(melanin, red(u(.8, .6, s)), .65, carotene + u(4, 11, s));
            case OLD_BRUISE ->
                over(
                        times(1 + .3 * dusk),
                        red(1.15),
                        .4,
                        carotene + u(6, 16, s),
                        new Beneath(Double.POSITIVE_INFINITY, null, band(665, 50, u(1.2, 3.2, s))));
            case TATTOO_BLACK -> lines(Math.min(1, u(.6, .97, s)), inked(Spectrum.flat(.03), s));
            case TATTOO_COLOUR ->
                lines(
                        Math.min(1, u(.55, .9, s)),
                        inked(LeastSlope.spectrumOf(INKS[ink]).orElseThrow(), s));
            case LID_DULL ->
                over(
                        plus(u(.001, .004, s), u(.08, .25, s)),
                        red(u(1.2, 1.5, s)),
                        u(.45, .25, s),
                        carotene,
                        new Beneath(Double.POSITIVE_INFINITY, null, grey(u(.5, 1.4, s))));
            case SCAR_PALE -> skin(melanin * u(.75, .45, s), red(u(.8, .5, s)), .7, carotene);
            case SCAR_RED -> skin(times(1 + dusk * u(.15, .4, s)), red(u(1.8, 3, s)), .6, carotene);
        };
    }

    private static double u(double low, double high, double s) {
        return low + (high - low) * s;
    }

    private double times(double k) {
        return Math.min(MOST_MELANIN, melanin * k);
    }

    /** Brown marks add melanin, and a share of what is there. */
    private double plus(double more, double share) {
        return Math.min(MOST_MELANIN, melanin + more + melanin * share);
    }

    private double red(double k) {
        return Math.min(MOST_BLOOD, blood * k);
    }

    private Spectrum inked(Spectrum ink, double s) {
        return over(
                melanin, blood, USUAL_SATURATION, carotene, new Beneath(Math.max(.002, u(.010, .004, s)), ink, null));
    }

    /** Lines or dots that fill a share of a place, seen as its mean. */
    private Spectrum lines(double share, Spectrum lines) {
        Spectrum between = clear();
        double[] mean = new double[Spectrum.BANDS];
        for (int i = 0; i < mean.length; i++) {
            mean[i] = share * lines.at(i) + (1 - share) * between.at(i);
        }
        return Spectrum.of(mean);
    }

    private static double[] band(double middle, double width, double peak) {
        double[] more = new double[Spectrum.BANDS];
        for (int i = 0; i < more.length; i++) {
            double x = (Spectrum.wavelength(i) - middle) / width;
            more[i] = peak * Math.exp(-x * x);
        }
        return more;
    }

    private static double[] grey(double absorption) {
        double[] more = new double[Spectrum.BANDS];
        java.util.Arrays.fill(more, absorption);
        return more;
    }

    private static Spectrum skin(double melanin, double blood, double saturation, double carotene) {
        return SkinModel.reflectance(new Content(Math.max(.001, melanin), blood, saturation, Math.min(20, carotene)));
    }

    private static Spectrum over(double melanin, double blood, double saturation, double carotene, Beneath beneath) {
        return SkinModel.reflectance(new Content(melanin, blood, saturation, Math.min(20, carotene)), beneath);
    }
}
