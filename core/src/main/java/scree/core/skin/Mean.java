package scree.core.skin;

import java.util.List;
import scree.core.colour.Lab;
import scree.core.colour.Xyz;

/** Means of colours in linear light, as an eye at a distance would mix them. */
final class Mean {
    private Mean() {}

    static Lab of(List<Lab> colours) {
        return weighted(colours, colours.stream().map(c -> 1.0).toList());
    }

    static Lab weighted(List<Lab> colours, List<Double> weights) {
        double x = 0;
        double y = 0;
        double z = 0;
        double total = 0;
        for (int i = 0; i < colours.size(); i++) {
            Xyz xyz = colours.get(i).toXyz();
            double w = weights.get(i);
            x += w * xyz.x();
            y += w * xyz.y();
            z += w * xyz.z();
            total += w;
        }
        if (total <= 0) {
            throw new IllegalArgumentException("mean of no colours: give at least one zone that was read");
        }
        return new Xyz(x / total, y / total, z / total).toLab(Xyz.D65);
    }
}
