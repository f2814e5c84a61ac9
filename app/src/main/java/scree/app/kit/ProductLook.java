package scree.app.kit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Srgb;
import scree.core.shade.Coverage;
import scree.core.shade.OneCoat;
import scree.core.shade.Sheen;
import scree.core.skin.ReferenceCurve;

/**
 * What a product looks like: its stone thick enough to hide, one coat over a black and a white card, one coat on three skins.
 *
 * @param stone path of the stone, the same wherever the product is shown
 * @param coverage how much one coat hides, in the words of the craft
 */
record ProductLook(
        String stone,
        String wet,
        String settled,
        String overWhite,
        String overBlack,
        List<OnSkin> skins,
        Coverage coverage) {
    /**
     * One coat on a skin.
     *
     * @param name fair, medium or deep
     * @param glint where the light glances off, or null without sheen
     */
    record OnSkin(String name, String skin, String coat, String glint, String path) {}

    /** L* of the three skins. */
    private static final double FAIR = 74;

    private static final double MEDIUM = 57;
    private static final double DEEP = 35;
    private static final double RADIUS = 19;

    /** Returns how it looks, empty for a colour that no product can have. */
    static Optional<ProductLook> of(String stoneId, Swatch swatch, double contrast, Sheen sheen) {
        if (LeastSlope.spectrumOf(swatch.settled()).isEmpty()) {
            return Optional.empty();
        }
        OneCoat coat = OneCoat.of(swatch.settled(), contrast);
        Stones stones = new Stones();
        List<OnSkin> skins = Stream.of(
                        onSkin(stones, "fair", FAIR, coat, sheen),
                        onSkin(stones, "medium", MEDIUM, coat, sheen),
                        onSkin(stones, "deep", DEEP, coat, sheen))
                .toList();
        return Optional.of(new ProductLook(
                stones.pebble(stoneId, 54, 50, 36),
                Srgb.hex(swatch.wet()),
                Srgb.hex(swatch.settled()),
                Srgb.hex(coat.overWhite()),
                Srgb.hex(coat.overBlack()),
                skins,
                Coverage.of(contrast)));
    }

    private static OnSkin onSkin(Stones stones, String name, double lightness, OneCoat coat, Sheen sheen) {
        Lab skin = ReferenceCurve.at(lightness);
        return new OnSkin(
                name,
                Srgb.hex(skin),
                Srgb.hex(coat.over(skin)),
                sheen == null ? null : Srgb.hex(coat.glinting(skin, sheen)),
                stones.pebble("coat-" + name, 52, 32, RADIUS));
    }
}
