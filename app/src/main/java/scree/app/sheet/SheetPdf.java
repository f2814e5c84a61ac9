package scree.app.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.stereotype.Component;
import scree.app.look.MillimetrePage;
import scree.core.image.CardLayout;
import scree.core.image.Point;
import scree.core.image.SheetLayout;

/** Draws a swatch sheet in its true size for printing. */
@Component
public class SheetPdf {
    private static final String PRINT = "#000000";
    private static final String PAPER = "#ffffff";
    private static final String INK = "#1E2123";
    private static final float SIZE = 9f;
    private static final float TITLE = 13f;
    private static final double MARGIN = 30;
    private static final double FAR_MARGIN = 180;
    private static final double WORDS_TOP = 236;
    private static final int OUTLINE_POINTS = 48;

    /** What is written on a sheet: its title, what goes onto the card's place, and how it is used. */
    public record Text(String title, String card, List<String> use) {}

    /** @param text in the language of whoever prints */
    public byte[] write(int number, Text text) {
        try (PDDocument document = new PDDocument()) {
            PDFont font = MillimetrePage.plain(document);
            try (MillimetrePage page = new MillimetrePage(document)) {
                marks(page);
                stones(page, number);
                page.fill(INK);
                page.text(font, TITLE, SheetLayout.stones().get(0).x(), 25, text.title());
                for (SheetLayout.Field field : SheetLayout.fields()) {
                    field(page, font, field);
                }
                page.frame(SheetLayout.CARD_LEFT, SheetLayout.CARD_TOP, CardLayout.HEIGHT, CardLayout.WIDTH);
                page.fill(INK);
                page.text(
                        font,
                        SIZE,
                        SheetLayout.CARD_LEFT + 6,
                        SheetLayout.CARD_LEFT + CardLayout.HEIGHT - 6,
                        SheetLayout.CARD_TOP + 12,
                        List.of(text.card()));
                page.text(font, SIZE, MARGIN, FAR_MARGIN, WORDS_TOP, text.use());
            }
            var bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("the sheet could not be drawn", e);
        }
    }

    private static void marks(MillimetrePage page) throws IOException {
        List<Point> marks = SheetLayout.marks();
        for (int i = 0; i < marks.size(); i++) {
            page.fill(PRINT);
            square(page, marks.get(i), SheetLayout.MARK_SIDE);
            if (i == 0) {
                page.fill(PAPER);
                square(page, marks.get(i), SheetLayout.CORE_SIDE);
            }
        }
    }

    private static void square(MillimetrePage page, Point centre, double side) throws IOException {
        page.box(centre.x() - side / 2, centre.y() - side / 2, side, side);
    }

    private static void stones(MillimetrePage page, int number) throws IOException {
        boolean[] dark = SheetLayout.dark(number);
        List<Point> stones = SheetLayout.stones();
        page.fill(PRINT);
        for (int i = 0; i < dark.length; i++) {
            if (dark[i]) {
                page.disc(stones.get(i), SheetLayout.STONE_RADIUS);
            } else {
                page.ring(stones.get(i), SheetLayout.STONE_RADIUS);
            }
        }
    }

    private static void field(MillimetrePage page, PDFont font, SheetLayout.Field field) throws IOException {
        page.fill(PRINT);
        page.box(field.left(), field.border(), SheetLayout.GROUND_WIDTH, SheetLayout.GROUND_HEIGHT / 2);
        page.outline(outline(field));
        page.fill(INK);
        page.text(font, TITLE, field.left(), field.bottom() + 6.4, String.valueOf(field.number()));
        page.line(field.left() + 8, field.right(), field.bottom() + 6.8);
    }

    /** A softened box that says where to smear; a smear may cross it, and the strips beside it stay bare. */
    private static List<Point> outline(SheetLayout.Field field) {
        double cx = (field.left() + field.right()) / 2;
        double rx = SheetLayout.GROUND_WIDTH / 2 - SheetLayout.STRIP;
        double ry = SheetLayout.GROUND_HEIGHT / 2;
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < OUTLINE_POINTS; i++) {
            double t = 2 * Math.PI * i / OUTLINE_POINTS;
            points.add(new Point(cx + rx * soft(Math.cos(t)), field.border() + ry * soft(Math.sin(t))));
        }
        return points;
    }

    private static double soft(double v) {
        return Math.signum(v) * Math.pow(Math.abs(v), .4);
    }
}
