package scree.core.placement;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import scree.core.face.Landmark;
import scree.core.face.LevelledFace;
import scree.core.face.Side;
import scree.core.image.Point;
import scree.core.plane.Vec;

/** Draws patches as soft masks and multiplies what their films do into a picture in linear light. */
final class Canvas {
    private static final int MASKS = 255;
    /** Most that a blurred stroke is brought back up. */
    private static final float MOST_LIFT = 1.7f;
    /** Less than this of a film is not seen. */
    private static final float UNSEEN = .002f;

    private static final double EDGE_SOFT = .012;
    private static final double INTO_HAIR = -.05;
    private static final double NECK_HALF = .64;
    private static final double NECK_LONG = .5;
    /** Room for the neck and the hair's edge round the face's outline. */
    private static final double ROUND_THE_FACE = .75;
    /** What is smaller than this on skin is a mark that a base hides; larger is relief and light, which it keeps. */
    private static final double MARK = .05;
    /** What is darker or lighter than its surround by more than this is no mark that a base evens. House choice. */
    private static final float MOST_MARK = 1.7f;

    private final int width;
    private final int height;
    private final LevelledFace face;
    private final KeepOff keepOff;
    private final Outline outline;
    private final Map<Patch.Room, float[]> rooms = new EnumMap<>(Patch.Room.class);
    private List<Covered> clear = List.of();

    Canvas(int width, int height, LevelledFace face) {
        this.width = width;
        this.height = height;
        this.face = face;
        this.keepOff = new KeepOff(face);
        this.outline = new Outline(face);
    }

    /** Sets what lifted layers leave free. */
    void keepClear(List<Covered> covered) {
        clear = covered.stream().filter(Covered::keptClear).toList();
    }

    /**
     * Lays a film.
     *
     * @param lifted whether it leaves free what is kept clear
     * @param table what the film does to each channel, by share of its full thickness
     */
    void apply(float[] linear, Patch patch, boolean lifted, float[] table) {
        double sigma = patch.softness() * face.unit();
        int[] box = box(patch.points(), (int) Math.ceil(3 * sigma) + 2);
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        if (w < 2 || h < 2) {
            return;
        }
        float[] amount = amount(patch, box, w, h);
        soften(amount, w, h, sigma);
        if (lifted && !clear.isEmpty()) {
            lift(amount, box, w, h);
        }
        float[] open = open(patch.room());
        int steps = table.length / 3 - 1;
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < w; x++) {
                int pixel = (y + box[1]) * width + x + box[0];
                float a = amount[y * w + x] * open[pixel];
                if (a > UNSEEN) {
                    multiply(linear, 3 * pixel, table, Math.min(1, a) * steps, steps);
                }
            }
        });
    }

    /** Returns where a room is open, 0 to 1 by pixel. */
    float[] open(Patch.Room of) {
        return rooms.computeIfAbsent(of, this::room);
    }

    private static void multiply(float[] linear, int i, float[] table, float at, int steps) {
        int step = Math.min(steps - 1, (int) at);
        float t = at - step;
        for (int c = 0; c < 3; c++) {
            float low = table[3 * step + c];
            linear[i + c] *= low + t * (table[3 * step + 3 + c] - low);
        }
    }

    /**
     * Lays a base over the whole face: its film, and small marks hidden by a share.
     *
     * @param change what the film does to each channel
     * @param hidden share of small marks that it hides, 0 to 1
     */
    void base(float[] linear, double[] change, double hidden) {
        float[] open = open(Patch.Room.BASE);
        int[] box = box(outline.closed(60, 0), 2);
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        double sigma = MARK * face.unit();
        float[] skin = new float[w * h];
        rows(h, y -> {
            for (int x = 0; x < w; x++) {
                skin[y * w + x] = open[(y + box[1]) * width + x + box[0]] > .5f ? 1 : 0;
            }
        });
        EvenSkin first = new EvenSkin(linear, width, box, skin, sigma);
        rows(
                h,
                y -> { // what parts by more is hair, a mole or a shadow's edge: no base evens it
                    for (int x = 0; x < w; x++) {
                        float own = linear[3 * ((y + box[1]) * width + x + box[0]) + 1];
                        float parts = own / Math.max(1e-4f, first.at(1, x, y));
                        skin[y * w + x] = parts < MOST_MARK && parts > 1 / MOST_MARK ? skin[y * w + x] : 0;
                    }
                });
        EvenSkin even = new EvenSkin(linear, width, box, skin, sigma);
        rows(h, y -> {
            for (int x = 0; x < w; x++) {
                int p = (y + box[1]) * width + x + box[0];
                float a = open[p];
                if (a > UNSEEN) {
                    double share = skin[y * w + x] * hidden;
                    for (int c = 0; c < 3; c++) {
                        float own = linear[3 * p + c];
                        double evened = own + share * (even.at(c, x, y) - own);
                        linear[3 * p + c] += (float) (a * (change[c] * evened - own));
                    }
                }
            }
        });
    }

    private static void rows(int h, IntConsumer row) {
        IntStream.range(0, h).parallel().forEach(row);
    }

    private int[] box(List<Vec> points, int margin) {
        double[] b = {1e9, 1e9, -1e9, -1e9};
        for (Vec v : points) {
            Point p = face.toPicture(v);
            b[0] = Math.min(b[0], p.x());
            b[1] = Math.min(b[1], p.y());
            b[2] = Math.max(b[2], p.x());
            b[3] = Math.max(b[3], p.y());
        }
        return new int[] {
            (int) Math.max(0, b[0] - margin),
            (int) Math.max(0, b[1] - margin),
            (int) Math.min(width, b[2] + margin),
            (int) Math.min(height, b[3] + margin)
        };
    }

    private float[] amount(Patch patch, int[] box, int w, int h) {
        float[] sum = new float[w * h];
        boolean single = patch.layers().size() == 1;
        for (int l = 0; l < patch.layers().size(); l++) {
            BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D g = image.createGraphics();
            g.translate(-box[0], -box[1]);
            for (Piece.Cell cell : patch.layers().get(l)) {
                int v = (int) Math.round(MASKS * Math.max(0, Math.min(1, cell.amount())));
                g.setColor(new Color(v, v, v));
                g.fill(path(cell.outline()));
            }
            g.dispose();
            float share = single ? 1 : (float) Patch.shareOf(l);
            add(sum, image, share / MASKS);
        }
        return sum;
    }

    private static void add(float[] sum, BufferedImage image, float share) {
        byte[] data = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < sum.length; i++) {
            sum[i] += share * (data[i] & 255);
        }
    }

    /** Takes out of an amount what is kept clear, with a soft edge. */
    private void lift(float[] amount, int[] box, int w, int h) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.translate(-box[0], -box[1]);
        g.setColor(Color.WHITE);
        clear.forEach(c -> g.fill(path(c.outline().stream())));
        g.dispose();
        float[] kept = new float[w * h];
        add(kept, image, 1f / MASKS);
        SoftBlur.of(kept, w, h, EDGE_SOFT * face.unit());
        for (int i = 0; i < amount.length; i++) {
            amount[i] *= 1 - Math.min(1, kept[i]);
        }
    }

    /** Blurs and brings the peak back to what it was, as far as a thin stroke allows. */
    private static void soften(float[] amount, int w, int h, double sigma) {
        float before = most(amount);
        SoftBlur.of(amount, w, h, sigma);
        float after = most(amount);
        float lift = after <= 0 ? 1 : Math.min(MOST_LIFT, before / after);
        for (int i = 0; i < amount.length; i++) {
            amount[i] *= lift;
        }
    }

    private static float most(float[] v) {
        float most = 0;
        for (float x : v) {
            most = Math.max(most, x);
        }
        return most;
    }

    /** Blurs round the face only: farther out a room is all open or all shut. */
    private void softenEdges(float[] open, double sigma) {
        int margin = (int) Math.ceil(4 * sigma) + 2;
        int[] box = box(outline.closed(60, 0), (int) (ROUND_THE_FACE * face.unit()) + margin);
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        float[] part = new float[w * h];
        for (int y = 0; y < h; y++) {
            System.arraycopy(open, (y + box[1]) * width + box[0], part, y * w, w);
        }
        SoftBlur.of(part, w, h, sigma);
        int left = box[0] == 0 ? 0 : margin;
        int right = box[2] == width ? w : w - margin;
        int top = box[1] == 0 ? 0 : margin;
        int bottom = box[3] == height ? h : h - margin;
        for (int y = top; y < bottom; y++) {
            System.arraycopy(part, y * w + left, open, (y + box[1]) * width + box[0] + left, Math.max(0, right - left));
        }
    }

    private float[] room(Patch.Room room) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        switch (room) {
            case LIPS -> g.fill(path(keepOff.lips()));
            case AROUND_EYE -> g.fillRect(0, 0, width, height);
            default -> g.fill(path(outline.closed(120, room == Patch.Room.TO_HAIR ? INTO_HAIR : 0)));
        }
        if (room == Patch.Room.TO_NECK) {
            g.fill(path(neck()));
        }
        g.setColor(Color.BLACK);
        if (room != Patch.Room.LIPS) {
            withoutEyes(g, room);
        }
        if (room == Patch.Room.BASE) {
            for (Side side : Draft.BOTH) {
                g.fill(path(EyeShape.of(face, side).browArea()));
            }
        }
        g.dispose();
        float[] open = new float[width * height];
        add(open, image, 1f / MASKS);
        softenEdges(open, (room == Patch.Room.AROUND_EYE ? .4 : 1) * EDGE_SOFT * face.unit());
        return open;
    }

    private void withoutEyes(Graphics2D g, Patch.Room room) {
        for (Side side : Draft.BOTH) {
            if (room == Patch.Room.AROUND_EYE) {
                g.fill(path(EyeShape.of(face, side).opening()));
            } else {
                g.fill(path(keepOff.eye(side, .03).outline(40)));
                g.fill(path(keepOff.nostril(side, .01).outline(24)));
            }
        }
        if (room != Patch.Room.AROUND_EYE) {
            g.fill(path(keepOff.lips()));
        }
    }

    private List<Vec> neck() {
        double half = NECK_HALF
                * (face.outward(Landmark.CHEEK, Side.LEFT).x()
                        + face.outward(Landmark.CHEEK, Side.RIGHT).x())
                / 2;
        double top = face.at(Landmark.JAW, Side.LEFT).y();
        double bottom = face.at(Landmark.CHIN).y() + NECK_LONG;
        return List.of(new Vec(-half, top), new Vec(half, top), new Vec(half, bottom), new Vec(-half, bottom));
    }

    private Path2D path(List<Vec> outline) {
        return path(outline.stream().map(face::toPicture));
    }

    private static Path2D path(Stream<Point> outline) {
        Path2D path = new Path2D.Double();
        outline.forEach(p -> {
            if (path.getCurrentPoint() == null) {
                path.moveTo(p.x(), p.y());
            } else {
                path.lineTo(p.x(), p.y());
            }
        });
        path.closePath();
        return path;
    }
}
