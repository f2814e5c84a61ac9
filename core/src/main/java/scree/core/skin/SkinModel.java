package scree.core.skin;

import scree.core.colour.Check;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Spectrum;
import scree.core.colour.Table;

/**
 * Turns melanin, blood and carotene into a reflectance: an epidermis of 60 µm as a Kubelka–Munk film over an endless
 * dermis, with surface reflection. Haemoglobin after Prahl's compilation, melanin, baseline and scattering after Jacques
 * (2013), doi:10.1088/0031-9155/58/11/R37. A model: its surface terms were chosen to meet three anchor colours.
 */
public final class SkinModel {
    private static final Table CONSTANTS = Table.beside(SkinModel.class, "skin_constants.csv");
    private static final double[] OXY = CONSTANTS.column(1);
    private static final double[] DEOXY = CONSTANTS.column(2);
    private static final double[] MELANIN = CONSTANTS.column(3);
    private static final double[] BASE = CONSTANTS.column(4);
    private static final double[] CAROTENE = CONSTANTS.column(5);
    private static final double[] SCATTER = CONSTANTS.column(6);
    /** Grams of haemoglobin per litre over its molar mass, times ln 10: turns extinction into absorption. Cited: Jacques. */
    private static final double BLOOD = Math.log(10) * 150 / 64500;

    private static final double EPIDERMIS_CM = 0.006;
    private static final double SURFACE = 0.03;
    private static final double INNER_REFLECTION = 0.4;
    private static final double VESSEL_PACKING = 0.003;

    private SkinModel() {}

    /**
     * What gives skin its colour.
     *
     * @param melanin volume share of melanosomes in the epidermis, 0.001 to 0.7
     * @param blood volume share of blood in the dermis, 0 to 0.3
     * @param saturation oxygenated share of the blood, 0 to 1
     * @param carotene absorption of carotene at its peak, 1/cm, 0 to 20
     */
    public record Content(double melanin, double blood, double saturation, double carotene) {
        public Content {
            melanin = Check.inRange("melanin", melanin, 0.001, 0.7, "give a volume share");
            blood = Check.inRange("blood", blood, 0, 0.3, "give a volume share");
            saturation = Check.inRange("saturation", saturation, 0, 1, "give a share");
            carotene = Check.inRange("carotene", carotene, 0, 20, "give 1/cm at 470 nm");
        }

        /** Returns skin of average blood for its melanin, 70 % saturated, without carotene: the reference curve's line. */
        public static Content average(double melanin) {
            return new Content(melanin, averageBlood(melanin), 0.7, 0);
        }

        /** Returns the same with the blood multiplied. */
        public Content withBloodTimes(double factor) {
            return new Content(melanin, Math.min(0.3, blood * factor), saturation, carotene);
        }
    }

    /** Returns the usual blood share at a melanin share. Derived: a line in logarithms through the anchor colours. */
    public static double averageBlood(double melanin) {
        return 0.0135 * Math.pow(melanin / 0.025, 0.43);
    }

    /**
     * What lies under a thin dermis instead of an endless one, and what else it absorbs: veins, ink, a bruise.
     *
     * @param depthCm thickness of the dermis, 1/cm; infinite for usual skin
     * @param ground under it; not asked where the dermis is endless
     * @param more absorption of the dermis by band, 1/cm, or null for none
     */
    public record Beneath(double depthCm, Spectrum ground, double[] more) {
        private static final Beneath NOTHING = new Beneath(Double.POSITIVE_INFINITY, null, null);
    }

    /** Returns the reflectance of skin of this content. */
    public static Spectrum reflectance(Content content) {
        return reflectance(content, Beneath.NOTHING);
    }

    /** Returns the reflectance of skin with something under it. */
    public static Spectrum reflectance(Content content, Beneath beneath) {
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            r[i] = band(content, beneath, i);
        }
        return Spectrum.of(r);
    }

    /** Returns the reflectance of a dermis alone, as of a layer of veins. */
    public static Spectrum dermis(double blood, double saturation, double carotene) {
        double[] r = new double[Spectrum.BANDS];
        for (int i = 0; i < r.length; i++) {
            r[i] = KubelkaMunk.reflectance(2 * dermis(blood, saturation, carotene, i) / (0.75 * SCATTER[i]));
        }
        return Spectrum.of(r);
    }

    private static double dermis(double share, double saturation, double carotene, int i) {
        double blood = BLOOD * (saturation * OXY[i] + (1 - saturation) * DEOXY[i]);
        double packing = (1 - Math.exp(-VESSEL_PACKING * blood)) / (VESSEL_PACKING * blood);
        return share * blood * packing + (1 - share) * BASE[i] + carotene * CAROTENE[i];
    }

    private static double band(Content c, Beneath beneath, int i) {
        double dermis =
                dermis(c.blood(), c.saturation(), c.carotene(), i) + (beneath.more() == null ? 0 : beneath.more()[i]);
        double epidermis = c.melanin() * MELANIN[i] + (1 - c.melanin()) * BASE[i];
        double s = 0.75 * SCATTER[i];
        double under = KubelkaMunk.reflectance(2 * dermis / s);
        if (Double.isFinite(beneath.depthCm())) {
            under = KubelkaMunk.film(under, beneath.ground().at(i), s * beneath.depthCm());
        }
        double own = KubelkaMunk.reflectance(2 * epidermis / s);
        double inner = KubelkaMunk.film(own, under, s * EPIDERMIS_CM);
        return SURFACE + (1 - SURFACE) * (1 - INNER_REFLECTION) * inner / (1 - INNER_REFLECTION * inner);
    }
}
