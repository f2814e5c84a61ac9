package scree.core.skin;

import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;

/**
 * A reflectance for a skin of which only the colour is known: the model's skin of nearest melanin and blood, bent smoothly until
 * the colour is met. It keeps blood's dips, so that a smooth product which matches in daylight may part from it under other
 * lamps, as on people.
 */
public final class SkinSpectrum {
    private static final int ROUNDS = 3;
    private static final int HALVINGS = 22;

    private SkinSpectrum() {}

    /** Returns the spectrum; a colour that skin cannot have gets the smoothest one. */
    public static Spectrum of(Lab colour) {
        Spectrum smooth = LeastSlope.spectrumOf(colour)
                .orElseThrow(() -> new IllegalArgumentException(
                        "%s is no colour that skin can have: check the zone and the light".formatted(colour)));
        Spectrum skin = SkinModel.reflectance(nearest(colour));
        for (int round = 0; round < ROUNDS; round++) {
            Spectrum has = LeastSlope.spectrumOf(skin.toLab()).orElse(smooth);
            double[] bent = new double[Spectrum.BANDS];
            for (int i = 0; i < bent.length; i++) {
                double ks = KubelkaMunk.absorption(skin.at(i))
                        * KubelkaMunk.absorption(smooth.at(i))
                        / KubelkaMunk.absorption(has.at(i));
                bent[i] = KubelkaMunk.reflectance(ks);
            }
            skin = Spectrum.of(bent);
        }
        return skin;
    }

    /** Melanin by depth, then blood by redness, each by halving: lightness falls with the one, a* rises with the other. */
    private static SkinModel.Content nearest(Lab colour) {
        double low = Math.log(0.002);
        double high = Math.log(0.6);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            boolean lighter = SkinModel.reflectance(SkinModel.Content.average(Math.exp(middle)))
                            .toLab()
                            .lightness()
                    > colour.lightness();
            low = lighter ? middle : low;
            high = lighter ? high : middle;
        }
        SkinModel.Content usual = SkinModel.Content.average(Math.exp(low));
        double less = 0.2;
        double more = 4;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (less + more) / 2;
            boolean paler =
                    SkinModel.reflectance(usual.withBloodTimes(middle)).toLab().a() < colour.a();
            less = paler ? middle : less;
            more = paler ? more : middle;
        }
        return usual.withBloodTimes(less);
    }
}
