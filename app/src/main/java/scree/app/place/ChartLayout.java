package scree.app.place;

import java.awt.geom.Rectangle2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** Lays a face chart's words out on as many pages as they need. In points of 1/72 inch. */
final class ChartLayout {
    static final double MARGIN = 36;
    static final Rectangle2D FACE = new Rectangle2D.Double(MARGIN - 6, 108, 312, 440);
    static final double LIST_X = 356;
    static final double LIST_WIDTH = FaceChart.WIDTH - MARGIN - LIST_X;
    static final double NOTES_WIDTH = FACE.getWidth() - 18;
    static final double OVERLEAF_NOTES_WIDTH = FaceChart.WIDTH - 2 * MARGIN - 18;
    static final double NUMBER_WIDTH = 22;
    static final float SMALL = 8.6f;
    static final float NOTE = 9.4f;
    private static final double LIST_Y = 124;
    private static final double LIST_END = FaceChart.HEIGHT - 64;
    private static final double NOTES_Y = FACE.getMaxY() + 26;

    private ChartLayout() {}

    /** Returns the pages; the first leaves room for the face. */
    static List<FaceChart.Page> of(FaceChart.Words words) {
        Deque<FaceChart.Row> rows = new ArrayDeque<>(words.rows());
        Deque<String> cautions = new ArrayDeque<>(words.cautions());
        List<FaceChart.Page> pages = new ArrayList<>();
        List<FaceChart.Noted> notes = notes(cautions, NOTES_Y, NOTES_WIDTH);
        pages.add(new FaceChart.Page(column(rows, LIST_X, LIST_Y), notes));
        while (!rows.isEmpty() || !cautions.isEmpty()) {
            List<FaceChart.Noted> more = notes(cautions, LIST_Y, OVERLEAF_NOTES_WIDTH);
            double top = more.isEmpty() ? LIST_Y : more.get(more.size() - 1).y() + 48;
            List<FaceChart.Placed> both = new ArrayList<>(column(rows, MARGIN, top));
            both.addAll(column(rows, MARGIN + LIST_WIDTH + 90, top));
            pages.add(new FaceChart.Page(both, more));
        }
        return List.copyOf(pages);
    }

    /** Takes as many rows as fit under each other. */
    private static List<FaceChart.Placed> column(Deque<FaceChart.Row> rows, double x, double top) {
        List<FaceChart.Placed> placed = new ArrayList<>();
        double y = top;
        while (!rows.isEmpty() && (y + height(rows.peek()) <= LIST_END || y == LIST_Y)) {
            placed.add(new FaceChart.Placed(rows.peek(), x, y));
            y += height(rows.poll());
        }
        return placed;
    }

    private static double height(FaceChart.Row row) {
        return 10.8 * lines(row.product()).size() + 10.4 * lines(row.why()).size() + 16.5;
    }

    /** Returns a row's words as they are broken in the list. */
    static List<String> lines(String words) {
        return ChartFonts.lines(ChartFonts.Face.PLAIN, SMALL, LIST_WIDTH - NUMBER_WIDTH, words);
    }

    private static List<FaceChart.Noted> notes(Deque<String> cautions, double top, double width) {
        List<FaceChart.Noted> noted = new ArrayList<>();
        double y = top;
        while (!cautions.isEmpty()) {
            double high = 12
                            * ChartFonts.lines(ChartFonts.Face.PLAIN, NOTE, width, cautions.peek())
                                    .size()
                    + 4;
            if (y + high > LIST_END && y > LIST_Y) {
                break;
            }
            noted.add(new FaceChart.Noted(cautions.poll(), y));
            y += high;
        }
        return noted;
    }
}
