package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.colour.Spectrum;
import scree.core.colour.Table;

/** 300 made-up skins with reflectance and colour, on which the map from camera to L*a*b* is fitted. */
final class VirtualSkins {
    record Skin(Lab colour, Spectrum reflectance) {}

    static final List<Skin> ALL = read();

    private VirtualSkins() {}

    private static List<Skin> read() {
        Table table = Table.beside(VirtualSkins.class, "virtual_skins.csv");
        List<Skin> skins = new ArrayList<>();
        for (int i = 0; i < table.rows().size(); i++) {
            double[] n = table.numbers(i, 0);
            double[] bands = java.util.Arrays.copyOfRange(n, 3, n.length);
            skins.add(new Skin(Lab.of(n[0], n[1], n[2]), Spectrum.of(bands)));
        }
        return List.copyOf(skins);
    }
}
