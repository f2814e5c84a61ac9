package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads codes of a swatch sheet by the card that lies on it. */
public interface SheetCalibration {
    /**
     * Camera and lamp as the colour card tells them.
     *
     * @param weights three channels of 36 bands, a perfect white giving 1
     * @param components the 20 components of the estimate
     */
    record Camera(double[][] weights, double[] components) {}

    /**
     * Returns linear light {r, g, b} relative to a perfect white at the card.
     *
     * @param code {r, g, b}, 0..1
     */
    double[] light(double[] code);

    /**
     * Returns cube roots of corrected linear light, as the maps take them.
     *
     * @param code {r, g, b}, 0..1
     * @param light {r, g, b}: the light at that place over the light at the card
     */
    double[] roots(double[] code, double[] light);

    /** Returns the map to colour for make-up, which is not that for skin. */
    ProductMap products();

    /** Returns what is known of camera and lamp; empty with the grey card, whose colours are rough therefore. */
    Optional<Camera> camera();

    /** Calibrates by the card that was found. */
    static SheetCalibration of(CardSamples samples, CardSighting.Found card, PrintedCard print) {
        return card.kind() == CardLayout.Kind.COLOUR
                ? CardCalibration.of(samples, card, print)
                : new ThreeGreys(samples, print);
    }

    /** Tone curves by the grey card, and a map over usual cameras and lamps. */
    final class ThreeGreys implements SheetCalibration {
        private static final int USUAL_CAMERAS = 60;

        private final ToneCurves curves;

        private ThreeGreys(CardSamples samples, PrintedCard print) {
            List<CardField> greys = new ArrayList<>();
            for (CardLayout.Place place : CardLayout.places(CardLayout.Kind.GREY)) {
                greys.add(print.fields().get(place.field().number() - 1));
            }
            this.curves = new ToneCurves(samples.fields(), greys, 1);
        }

        @Override
        public double[] light(double[] code) {
            return curves.linear(code);
        }

        @Override
        public double[] roots(double[] code, double[] light) {
            double[] linear = curves.linear(code);
            for (int c = 0; c < linear.length; c++) {
                linear[c] /= light[c];
            }
            return CardCalibration.roots(linear);
        }

        @Override
        public ProductMap products() {
            return OverUsualCameras.MAP;
        }

        @Override
        public Optional<Camera> camera() {
            return Optional.empty();
        }

        private static final class OverUsualCameras {
            private static final ProductMap MAP = ProductMap.pooled(ResponseEstimate.usual(USUAL_CAMERAS));
        }
    }
}
