package scree.standins.camera;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Spectrum;
import scree.core.image.CardLayout;
import scree.core.image.CardSamples;
import scree.core.image.CardSighting;
import scree.core.image.Point;

/** A capture without a picture: the card and large even patches of any surface, for measuring over many skins quickly. */
public final class FlatCapture {
    private static final int PIXELS_MEANT = 400;
    private final Camera camera;
    private final Lamp lamp;
    private final Shot shot;
    private final Developer developer;

    public FlatCapture(Camera camera, Lamp lamp, Shot shot) {
        this.camera = camera;
        this.lamp = lamp;
        this.shot = shot;
        this.developer = new Developer(camera, lamp, shot);
    }

    /** Returns the mean code {r, g, b}, 0..1, of a patch of this surface. */
    public double[] code(Spectrum surface) {
        double[] raw = camera.raw(surface, lamp.power());
        double[] sum = new double[3];
        for (int i = 0; i < PIXELS_MEANT; i++) {
            int rgb = developer.develop(raw[0], raw[1], raw[2]);
            for (int c = 0; c < 3; c++) {
                sum[c] += (rgb >> (16 - 8 * c) & 0xff) / 255.0 / PIXELS_MEANT;
            }
        }
        return sum;
    }

    /** Returns the card as it would be sampled in even light. */
    public CardSamples card() {
        List<double[]> fields = new ArrayList<>();
        List<Double> uneven = new ArrayList<>();
        for (CardLayout.Place place : CardLayout.places(shot.card())) {
            fields.add(code(place.field().reflectance()));
            uneven.add(0.0);
        }
        double[] white = code(Spectrum.flat(CardLayout.BORDER_REFLECTANCE));
        List<CardSamples.BorderPoint> border = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            border.add(new CardSamples.BorderPoint(new Point(i % 6 * 10, i / 6 * 20), white));
        }
        return new CardSamples(shot.card(), fields, uneven, border);
    }

    /** Returns a sighting of the card lying square in the picture. */
    public CardSighting.Found sighting() {
        return new CardSighting.Found(shot.card(), CardLayout.marks());
    }
}
