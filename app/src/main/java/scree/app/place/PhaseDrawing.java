package scree.app.place;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import scree.app.picture.Pictures;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;
import scree.core.placement.Family;

/** A plan on two or three small faces, by what goes on together, so that zones which overlap can be told apart. */
@Component
public class PhaseDrawing {
    private static final int WIDTH = 260;
    private static final int HEIGHT = 350;
    private static final int EDGE = 6;
    private static final double SCALE = 2.6;
    /** Quality of a JPEG on a photograph, where a PNG would be ten times as large. */
    private static final float FINE = .88f;

    private final PlaceWords words;

    PhaseDrawing(PlaceWords words) {
        this.words = words;
    }

    /** What goes on together. */
    public enum Phase {
        SHAPE(EnumSet.of(Family.SHADOW, Family.LIGHT)),
        COLOUR(EnumSet.of(Family.COLOUR, Family.SUN)),
        FINISH(EnumSet.of(Family.POWDER, Family.SHEEN));

        private final Set<Family> families;

        Phase(Set<Family> families) {
            this.families = families;
        }
    }

    /**
     * One small face.
     *
     * @param image as it is printed
     * @param type its media type
     * @param families that are drawn on it, for the legend
     * @param rows its numbers
     */
    public record Small(Phase phase, byte[] image, String type, List<Family> families, List<Row> rows) {}

    /** A number with what goes there; the product by name, or null. */
    public record Row(int number, String area, String product) {}

    /** Returns the faces that have any zone; the numbers are those of the order. */
    public List<Small> of(TakenPlan plan) {
        return of(plan, null);
    }

    /**
     * The same on a picture.
     *
     * @param picture in which the plan's face was found; null for lines
     */
    public List<Small> of(TakenPlan plan, BufferedImage picture) {
        List<Small> faces = new ArrayList<>();
        for (Phase phase : Phase.values()) {
            Map<Integer, Row> rows = new LinkedHashMap<>();
            Set<Family> drawn = EnumSet.noneOf(Family.class);
            for (WorkedZone z : plan.zones()) {
                Family family = z.zone().area().family();
                if (phase.families.contains(family)) {
                    drawn.add(family);
                    String product = z.product() == null ? null : z.product().fullName();
                    rows.putIfAbsent(
                            z.number(), new Row(z.number(), words.area(z.zone().area()), product));
                }
            }
            if (!rows.isEmpty()) {
                faces.add(new Small(
                        phase,
                        image(plan, phase, picture),
                        picture == null ? "image/png" : "image/jpeg",
                        List.copyOf(drawn),
                        List.copyOf(rows.values())));
            }
        }
        return faces;
    }

    private static byte[] image(TakenPlan plan, Phase phase, BufferedImage picture) {
        BufferedImage image =
                new BufferedImage((int) (WIDTH * SCALE), (int) (HEIGHT * SCALE), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(SCALE, SCALE);
        Rectangle2D box = new Rectangle2D.Double(EDGE, EDGE, WIDTH - 2 * EDGE, HEIGHT - 2 * EDGE);
        new FaceDrawing(plan, box, phase.families::contains).paint(g, picture);
        g.dispose();
        return picture == null ? Pictures.png(image) : PictureIntake.encodeJpeg(Raster.of(image), FINE);
    }

    /** Returns a swatch of a family's pattern, for a legend. */
    public static byte[] pattern(Family family) {
        BufferedImage image = new BufferedImage(
                (int) (LEGEND_WIDTH * SCALE), (int) (LEGEND_HEIGHT * SCALE), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(SCALE, SCALE);
        var edge = new Path2D.Double(new Rectangle2D.Double(1, 1, LEGEND_WIDTH - 2, LEGEND_HEIGHT - 2));
        ChartPatterns.draw(g, edge, family);
        g.setColor(FaceDrawing.INK);
        g.setStroke(FaceDrawing.round(.8f));
        g.draw(edge);
        g.dispose();
        return Pictures.png(image);
    }

    private static final int LEGEND_WIDTH = 30;
    private static final int LEGEND_HEIGHT = 16;
}
