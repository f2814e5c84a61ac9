package scree.app.kit;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.app.look.Stones;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Srgb;
import scree.core.judge.LaidProduct;
import scree.core.shade.Coverage;
import scree.core.shade.Role;
import scree.core.skin.Sample;

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
     * @param glint where the light glances off, or null without sheen
     */
    record OnSkin(Sample sample, String skin, String coat, String glint, String path) {}

    private static final double RADIUS = 19;

    /** Returns how it looks, empty for a colour that no product can have. */
    static Optional<ProductLook> of(Product p) {
        Swatch swatch = p.swatch();
        if (LeastSlope.spectrumOf(swatch.settled()).isEmpty()) {
            return Optional.empty();
        }
        LaidProduct laid = LaidProduct.of(p.form(), swatch.settled(), p.contrastRatio(), p.traits());
        Stones stones = new Stones();
        return Optional.of(new ProductLook(
                stones.pebble(p.stoneId(), 54, 50, 36),
                Srgb.hex(swatch.wet()),
                Srgb.hex(swatch.settled()),
                Srgb.hex(laid.coat().overWhite()),
                Srgb.hex(laid.coat().overBlack()),
                Stream.of(Sample.values())
                        .map(s -> onSkin(stones, s, laid, p.role()))
                        .toList(),
                p.coverage()));
    }

    private static OnSkin onSkin(Stones stones, Sample sample, LaidProduct laid, Role role) {
        Lab skin = sample.colour();
        return new OnSkin(
                sample,
                Srgb.hex(skin),
                Srgb.hex(laid.coat()
                        .laid(role, 1)
                        .over(LeastSlope.spectrumOf(skin).orElseThrow())
                        .toLab()),
                laid.glint() == null ? null : Srgb.hex(laid.glintOn(skin)),
                stones.pebble("coat-" + sample, 52, 32, RADIUS));
    }
}
