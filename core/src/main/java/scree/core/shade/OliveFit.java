package scree.core.shade;

import scree.core.colour.Lab;

/**
 * What a shade costs on skin because of the olive in either, ΔE00. Not alike both ways: on olive what is redder or more vivid reads pink or
 * orange, what is greener or duller blends. House choice, docs/method.md.
 *
 * @param code why, the heaviest part
 */
record OliveFit(double cost, RankBases.Code code) {
    /** Under this it is not named. House choice: less than an eye sees side by side. */
    static final double NAMED_FROM = .3;

    private static final double DOUBT = .15;
    private static final double LESS = 1.5;
    private static final double MORE = 1.0;
    private static final double FREE_RED = .8;
    private static final double RED = .30;
    private static final double FREE_CHROMA = 1.5;
    private static final double CHROMA = .15;
    private static final double MOST_REDDER = 1.5;
    private static final double MOST = 3;

    /**
     * @param has how olive the shade is
     * @param own how olive the skin is
     */
    static OliveFit of(Lab shade, double has, Lab skin, double own) {
        double less = LESS * Math.max(0, own - has - DOUBT);
        double more = MORE * Math.max(0, has - own - DOUBT);
        double redder = own
                * Math.min(
                        MOST_REDDER,
                        RED * Math.max(0, shade.a() - skin.a() - FREE_RED)
                                + CHROMA * Math.max(0, shade.chroma() - skin.chroma() - FREE_CHROMA));
        RankBases.Code code = more > less + redder
                ? RankBases.Code.MORE_OLIVE
                : redder >= less ? RankBases.Code.TOO_RED_FOR_OLIVE : RankBases.Code.LESS_OLIVE;
        return new OliveFit(Math.min(MOST, less + more + redder), code);
    }
}
