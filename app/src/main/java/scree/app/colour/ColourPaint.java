package scree.app.colour;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.face.Side;
import scree.core.harmony.Part;
import scree.core.placement.FacePaint;
import scree.core.placement.FacePaint.Lips;
import scree.core.placement.MadeUp;
import scree.core.placement.Patch;

/** Lays what is worn on lids, lashes, brows and lips, in the order of the work. Cheeks are laid where Place has them. */
final class ColourPaint {
    private static final Side[] BOTH = {Side.RIGHT, Side.LEFT};

    /** A line is drawn once and softened inward. */
    private static final int EDGE_COATS = 1;

    private ColourPaint() {}

    static List<MadeUp.Layer> layers(TakenColour t) {
        FacePaint paint =
                new FacePaint(t.plan().level(), t.plan().face().sheet().ticks());
        List<MadeUp.Layer> layers = new ArrayList<>();
        for (Side side : BOTH) {
            add(layers, t, Part.BROW, paint.brow(side), null);
            add(layers, t, Part.LID, paint.lid(side, t.sheet().eyes()), null);
            add(layers, t, Part.LINER, paint.liner(side, t.sheet().eyes()), null);
            add(layers, t, Part.MASCARA, paint.lashes(side, t.sheet().eyes()), null);
        }
        TakenColour.Pick lip = t.picks().get(Part.LIP);
        if (lip != null) {
            Lips how = t.sheet().lips();
            add(layers, t, Part.LIP, paint.lips(how), t.lip());
            if (t.edge() != null) {
                layers.add(new MadeUp.Layer(paint.lipLine(how), t.edgeLaid(), EDGE_COATS, lip.result(), false));
            }
            if (t.layer() != null) {
                layers.add(new MadeUp.Layer(
                        paint.lips(how), t.layer().laid(), t.layer().turn().coats(), lip.result(), false));
            }
        }
        return layers;
    }

    private static void add(List<MadeUp.Layer> layers, TakenColour t, Part part, Patch patch, Lab own) {
        TakenColour.Pick p = t.picks().get(part);
        if (p != null) {
            layers.add(new MadeUp.Layer(patch, p.laid(), p.coats(), own, false));
        }
    }
}
