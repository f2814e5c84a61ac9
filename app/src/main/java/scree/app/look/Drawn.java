package scree.app.look;

/**
 * Small drawings that a page repeats by the hundred, as SVG text that templates put in as it is. Only paths, numbers, colours and
 * single letters go in, never words that somebody typed.
 */
public final class Drawn {
    private static final String HEX = "#[0-9A-Fa-f]{6}";
    private final StringBuilder svg = new StringBuilder(1000);

    /** How far a pebble of a list lies above its shadow, pixels. */
    private static final double LIFT = 1.6;

    /** Adds a pebble lying on the page of a list. */
    public Drawn stone(String path, String colour) {
        return stone(path, colour, LIFT);
    }

    /** Adds a pebble lying on the page. */
    public Drawn stone(String path, String colour, double lift) {
        svg.append("<path class=\"under\" d=\"").append(path).append("\" transform=\"translate(0 ");
        Lines.number(svg, lift).append(")\"/>");
        return shade(path, colour);
    }

    /** Adds the outline of a pebble: of something without a colour of its own. */
    public Drawn hollow(String path) {
        svg.append("<path class=\"hollow-stone\" d=\"").append(path).append("\"/>");
        return this;
    }

    /** Adds a pebble without its shadow. */
    public Drawn shade(String path, String colour) {
        if (!colour.matches(HEX)) {
            throw new IllegalArgumentException("'%s' is no colour: write #RRGGBB".formatted(colour));
        }
        svg.append("<path class=\"shade\" d=\"")
                .append(path)
                .append("\" fill=\"")
                .append(colour)
                .append("\"/>");
        return this;
    }

    /** Adds an unseen round that the finger may hit. */
    public Drawn reach(double x, double y, int r) {
        svg.append("<circle class=\"reach\" r=\"").append(r);
        Lines.number(svg.append("\" cx=\""), x);
        Lines.number(svg.append("\" cy=\""), y).append("\"/>");
        return this;
    }

    /** Adds the short bar over or under a stone. */
    public Drawn bar(double x, double y) {
        Lines.number(svg.append("<line class=\"bar-mark\" x1=\""), x - 7);
        Lines.number(svg.append("\" x2=\""), x + 7);
        Lines.number(svg.append("\" y1=\""), y);
        Lines.number(svg.append("\" y2=\""), y).append("\"/>");
        return this;
    }

    /** Adds a stone's letter or rank; null adds nothing. */
    public Drawn mark(String mark, double x, double y, boolean onLight) {
        if (mark == null) {
            return this;
        }
        if (!mark.matches("[A-Z0-9]{1,2}")) {
            throw new IllegalArgumentException("'%s' is no mark: a letter or a number up to 99".formatted(mark));
        }
        svg.append("<text class=\"mark").append(onLight ? "" : " on-deep");
        Lines.number(svg.append("\" x=\""), x);
        Lines.number(svg.append("\" y=\""), y);
        svg.append("\">").append(mark).append("</text>");
        return this;
    }

    @Override
    public String toString() {
        return svg.toString();
    }
}
