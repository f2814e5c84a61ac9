package scree.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import scree.app.kit.Product;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.image.PictureIntake;
import scree.standins.camera.Camera;
import scree.standins.camera.Lamp;
import scree.standins.camera.SheetScene;
import scree.standins.camera.Shot;
import scree.standins.makeup.MadeUpProduct;

/**
 * The demo's swatch sheet, smeared with products of its kit and photographed twice by the simulated camera. Ships as pictures, like
 * the portraits.
 */
final class DemoSheet {
    static final int NUMBER = 1;
    /** What lies on which field; thin ones lie thick on the next field too. */
    static final Map<Integer, String> LAID = Map.of(
            1, "Marl 21",
            2, "Marl 27",
            3, "Marl 35",
            4, "Chalk Dune",
            5, "Slate Mid",
            7, "Jasper Brick",
            9, "Ochre Apricot",
            10, "Ochre Red clay",
            11, "Mica Gilt");

    private static final List<Integer> THIN = List.of(5, 7);
    /** Field of the highlight, laid once only and therefore too thin. */
    private static final int SHEER = 11;

    private static final double USUAL_THIN = .12;
    private static final double THICK = .9;
    private static final double SHEER_COAT = .05;
    private static final double SLOPE = .3;
    private static final int WIDTH = 1500;
    private static final double KELVIN_WET = 5600;
    private static final double KELVIN_SETTLED = 5750;
    private static final float JPEG_QUALITY = .9f;

    private DemoSheet() {}

    /** When a picture was taken. */
    enum When {
        WET,
        SETTLED;

        String file() {
            return "sheet-" + name().toLowerCase(java.util.Locale.ROOT) + ".jpg";
        }

        /** Returns the shipped file, or renders it when it does not ship. */
        byte[] jpeg() {
            return shipped().orElseGet(this::render);
        }

        Optional<byte[]> shipped() {
            try (InputStream file = DemoSheet.class.getResourceAsStream("portraits/" + file())) {
                return file == null ? Optional.empty() : Optional.of(file.readAllBytes());
            } catch (IOException e) {
                throw new IllegalStateException(file(), e);
            }
        }

        byte[] render() {
            SheetScene scene = new SheetScene(SheetScene.Setting.careful(NUMBER), coats(this));
            double kelvin = this == WET ? KELVIN_WET : KELVIN_SETTLED;
            return PictureIntake.encodeJpeg(
                    scene.shoot(Camera.quiet(5), Lamp.daylight(kelvin), Shot.withCard(3 + ordinal()), WIDTH),
                    JPEG_QUALITY);
        }
    }

    /** Writes both pictures into a directory. */
    static void write(Path home) throws IOException {
        for (When when : When.values()) {
            Files.write(home.resolve(when.file()), when.render());
        }
    }

    private static Map<Integer, SheetScene.Coat> coats(When when) {
        Map<String, Product> kit = new HashMap<>();
        DemoKit.made(LocalDate.of(2026, 6, 20)).forEach(p -> kit.put(p.fullName(), p));
        Map<Integer, SheetScene.Coat> coats = new HashMap<>();
        LAID.forEach((field, name) -> {
            Product p = kit.get(name);
            Lab colour = when == When.WET ? p.wet() : p.recorded();
            MadeUpProduct product = MadeUpProduct.smooth(colour, SLOPE);
            double usual = KubelkaMunk.thicknessFor(product.opaque(), p.contrastRatio());
            boolean thin = THIN.contains(field);
            coats.put(field, SheetScene.Coat.even(product, thin ? USUAL_THIN : field == SHEER ? SHEER_COAT : usual));
            if (thin) {
                coats.put(field + 1, SheetScene.Coat.even(product, THICK));
            }
        });
        return coats;
    }
}
