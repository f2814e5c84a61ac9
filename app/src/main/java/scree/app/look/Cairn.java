package scree.app.look;

import java.util.ArrayList;
import java.util.List;

/** The stages of a sitting as stacked stones, Intake on the ground; drawn from the top, read from the ground. */
public record Cairn(long sittingId, String clientName, long clientId, String line, List<Stone> stones, int height) {
    private static final int[] WIDTHS = {156, 153, 150, 147, 143, 139, 134, 129, 123, 118, 112};
    private static final int[] SIDEWAYS = {0, 2, -2, 3, -3, 1, -1, 2, -2, 0, 1};
    private static final int GAP = 3;

    /** Which state a stage is in. */
    public enum State {
        DONE,
        PRESENT,
        TO_COME,
        /** Done, but something before it changed since. */
        LOOK_AGAIN
    }

    /** What is known of a stage before drawing. */
    public record Stage(String key, State state, String result, String colour, String colourId) {}

    /** One stone with its place in a column 176 wide. */
    public record Stone(
            String key,
            State state,
            String result,
            String colour,
            String colourId,
            int x,
            int y,
            int width,
            int height) {
        public int middle() {
            return x + width / 2;
        }
    }

    /** Stacks the stages, the first on the ground. */
    public static Cairn stack(long sittingId, String clientName, long clientId, String line, List<Stage> stages) {
        int total = 0;
        for (Stage stage : stages) {
            total += heightOf(stage.state()) + GAP;
        }
        List<Stone> stones = new ArrayList<>();
        int bottom = total;
        for (int i = 0; i < stages.size(); i++) {
            Stage s = stages.get(i);
            int h = heightOf(s.state());
            int w = WIDTHS[i % WIDTHS.length];
            stones.add(new Stone(
                    s.key(),
                    s.state(),
                    s.result(),
                    s.colour(),
                    s.colourId(),
                    10 + (156 - w) / 2 + SIDEWAYS[i % SIDEWAYS.length],
                    bottom - h,
                    w,
                    h));
            bottom -= h + GAP;
        }
        return new Cairn(sittingId, clientName, clientId, line, stones, total + 2);
    }

    private static int heightOf(State state) {
        return switch (state) {
            case PRESENT -> 64;
            case TO_COME -> 48;
            default -> 54;
        };
    }
}
