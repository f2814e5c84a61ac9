package scree.core.placement;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
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
    /** Rooms are kept by so many pixels, and by one where their edges are finer than this, px. */
    private static final int ROOM_STEP = 2;

    private static final double FINE = 2;
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
    private final Map<Patch.Room, Room> rooms;
    private List<Covered> clear = List.of();

    /** @param keptTo rooms that will be asked for: drawn beforehand, since strokes ask side by side and none may wait for another's */
    Canvas(int width, int height, LevelledFace face, Set<Patch.Room> keptTo) {
        this.width = width;
        this.height = height;
        this.face = face;
        this.keepOff = new KeepOff(face);
        this.outline = new Outline(face);
        this.rooms = keptTo.parallelStream().collect(Collectors.toMap(r -> r, this::room));
    }

    /** Sets what lifted layers leave free. */
    void keepClear(List<Covered> covered) {
        clear = covered.stream().filter(Covered::keptClear).toList();
    }

    /**
     * A film ready to be laid.
     *
     * @param box left, top, right, bottom of what it may reach, px
     * @param amount how much of it lies where, before what it keeps to
     * @param kept what it leaves free, or null
     */
    record Stroke(int[] box, SoftMask amount, SoftMask kept, Room open) {}

    /** Returns a patch ready to be laid, or nothing when none of it lies in the picture; several may be asked for side by side. */
    Optional<Stroke> stroke(Patch patch, boolean lifted) {
        double sigma = patch.softness() * face.unit();
        int[] box = box(patch.points(), (int) Math.ceil(3 * sigma) + 2);
        if (box[2] - box[0] < 2 || box[3] - box[1] < 2) {
            return Optional.empty();
        }
        SoftMask kept = lifted && !clear.isEmpty() ? kept(box) : null;
        return Optional.of(new Stroke(box, amount(patch, box, sigma), kept, open(patch.room())));
    }

    /**
     * Lays a film.
     *
     * @param table what the film does to each channel, by share of its full thickness
     */
    void lay(float[] linear, Stroke stroke, float[] table) {
        int steps = table.length / 3 - 1;
        int left = stroke.box()[0];
        int w = stroke.box()[2] - left;
        rows(stroke.box()[1], stroke.box()[3], y -> {
            float[] here = new float[w];
            stroke.amount().row(y, left, here, 0);
            int from = 0;
            int end = w;
            while (from < end && here[from] <= UNSEEN) {
                from++;
            }
            while (end > from && here[end - 1] <= UNSEEN) {
                end--;
            }
            if (from == end) {
                return;
            }
            float[] may = new float[end - from];
            stroke.open().row(y, left + from, may);
            float[] free = new float[end - from];
            if (stroke.kept() != null) {
                stroke.kept().row(y, left + from, free, 0);
            }
            for (int x = from; x < end; x++) {
                float a = here[x] * may[x - from] * (1 - Math.min(1, free[x - from]));
                if (a > UNSEEN) {
                    multiply(linear, 3 * (y * width + x + left), table, Math.min(1, a) * steps, steps);
                }
            }
        });
    }

    /**
     * A part of the face that product keeps to.
     *
     * @param mask round the face
     * @param beyond 1 or 0 farther out
     */
    record Room(SoftMask mask, float beyond) {
        /** Writes how open a row of pixels is, 0 to 1, from a pixel of it on. */
        void row(int y, int from, float[] to) {
            mask.row(y, from, to, beyond);
        }
    }

    /** Returns where a room is open. */
    Room open(Patch.Room of) {
        return rooms.get(of);
    }

    private static void multiply(float[] linear, int i, float[] table, float at, int steps) {
        int step = Math.min(steps - 1, (int) at);
        float t = at - step;
        for (int c = 0; c < 3; c++) {
            float low = table[3 * step + c];
            linear[i + c] *= low + t * (table[3 * step + 3 + c] - low);
        }
    }

    /** Returns what a base may change: left, top, right, bottom, px. */
    int[] face() {
        return box(outline.closed(60, 0), 2);
    }

    /**
     * Lays a base over the whole face: its film, and small marks hidden by a share.
     *
     * @param change what the film does to each channel
     * @param hidden share of small marks that it hides, 0 to 1
     */
    void base(float[] linear, double[] change, double hidden) {
        Room open = open(Patch.Room.BASE);
        int[] box = face();
        int w = box[2] - box[0];
        int h = box[3] - box[1];
        double sigma = MARK * face.unit();
        float share = (float) hidden;
        float[] skin = new float[w * h];
        float[] opened = new float[w * h];
        rows(0, h, y -> {
            float[] row = new float[w];
            open.row(y + box[1], box[0], row);
            System.arraycopy(row, 0, opened, y * w, w);
            for (int x = 0; x < w; x++) {
                skin[y * w + x] = row[x] > .5f ? 1 : 0;
            }
        });
        EvenSkin first = new EvenSkin(linear, width, box, skin, sigma);
        rows(
                0,
                h,
                y -> { // what parts by more is hair, a mole or a shadow's edge: no base evens it
                    float[] usual = new float[w];
                    first.row(1, y, usual);
                    for (int x = 0; x < w; x++) {
                        float own = linear[3 * ((y + box[1]) * width + x + box[0]) + 1];
                        float parts = own / Math.max(1e-4f, usual[x]);
                        skin[y * w + x] = parts < MOST_MARK && parts > 1 / MOST_MARK ? skin[y * w + x] : 0;
                    }
                });
        EvenSkin even = new EvenSkin(linear, width, box, skin, sigma);
        rows(0, h, y -> {
            float[] usual = new float[w];
            for (int c = 0; c < 3; c++) {
                even.row(c, y, usual);
                float film = (float) change[c];
                for (int x = 0; x < w; x++) {
                    float a = opened[y * w + x];
                    if (a > UNSEEN) {
                        int p = 3 * ((y + box[1]) * width + x + box[0]) + c;
                        float own = linear[p];
                        float evened = own + skin[y * w + x] * share * (usual[x] - own);
                        linear[p] += a * (film * evened - own);
                    }
                }
            }
        });
    }

    private static void rows(int from, int to, IntConsumer row) {
        IntStream.range(from, to).parallel().forEach(row);
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

    /** A patch, softened, its peak brought back to what it was as far as a thin stroke allows. */
    private SoftMask amount(Patch patch, int[] box, double sigma) {
        SoftMask mask = new SoftMask(box, SoftMask.step(sigma));
        boolean single = patch.layers().size() == 1;
        for (int l = 0; l < patch.layers().size(); l++) {
            List<Piece.Cell> cells = patch.layers().get(l);
            mask.add(g -> cells.forEach(cell -> fill(g, cell)), single ? 1 : (float) Patch.shareOf(l));
        }
        float before = mask.most();
        mask.soften(sigma);
        float after = mask.most();
        mask.times(after <= 0 ? 1 : Math.min(MOST_LIFT, before / after));
        return mask;
    }

    private void fill(Graphics2D g, Piece.Cell cell) {
        int v = (int) Math.round(MASKS * Math.max(0, Math.min(1, cell.amount())));
        g.setColor(new Color(v, v, v));
        g.fill(path(cell.outline()));
    }

    /** What is kept clear, with a soft edge. */
    private SoftMask kept(int[] box) {
        double sigma = EDGE_SOFT * face.unit();
        SoftMask mask = new SoftMask(box, SoftMask.step(sigma));
        mask.add(
                g -> {
                    g.setColor(Color.WHITE);
                    clear.forEach(c -> g.fill(path(c.outline().stream())));
                },
                1);
        mask.soften(sigma);
        return mask;
    }

    /** A room is drawn and softened round its edge only, by blocks of two pixels: farther out it is all open or all shut. */
    private Room room(Patch.Room room) {
        double sigma = (room == Patch.Room.AROUND_EYE ? .4 : 1) * EDGE_SOFT * face.unit();
        int soft = (int) Math.ceil(4 * sigma) + 2;
        int[] box = switch (room) {
            case LIPS -> box(keepOff.lips(), soft);
            case AROUND_EYE -> box(eyes(), soft);
            default -> box(outline.closed(60, 0), (int) (ROUND_THE_FACE * face.unit()) + soft);
        };
        SoftMask mask = new SoftMask(box, sigma < FINE ? 1 : ROOM_STEP);
        mask.add(g -> drawRoom(g, room), 1);
        mask.soften(sigma);
        return new Room(mask, room == Patch.Room.AROUND_EYE ? 1 : 0);
    }

    private List<Vec> eyes() {
        return Stream.of(Draft.BOTH)
                .flatMap(side -> EyeShape.of(face, side).opening().stream())
                .toList();
    }

    private void drawRoom(Graphics2D g, Patch.Room room) {
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
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
