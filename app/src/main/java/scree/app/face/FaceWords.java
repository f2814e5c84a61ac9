package scree.app.face;

import java.util.Locale;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.look.Figures;
import scree.app.web.Words;
import scree.core.face.Finding;
import scree.core.face.Landmark;
import scree.core.face.Shape;
import scree.core.face.ShapeReading;
import scree.core.face.Unevenness;

/** Puts a face reading into words: plain descriptions, no verdicts on a face. */
@Component
public class FaceWords extends Words {
    public FaceWords(MessageSource messages) {
        super(messages);
    }

    /** Returns the shape's name as the page's sentence. */
    String verdict(TakenFace face) {
        if (face.sheet().shape() != null) {
            return say("face.overruled", say("shape." + face.sheet().shape().shape()));
        }
        return name(face.reading().shape().name());
    }

    /** Returns at most sixteen letters for the cairn. */
    String shortName(TakenFace face) {
        if (face.sheet().shape() != null) {
            return say("shape." + face.sheet().shape().shape());
        }
        ShapeReading.Name n = face.reading().shape().name();
        String lead = say("shape." + n.lead());
        return n.manner() == ShapeReading.Manner.BLEND
                ? say("shape.brief", lead, say("shape.brief." + n.second()))
                : lead;
    }

    String name(ShapeReading.Name n) {
        String lead = say("shape." + n.lead());
        return switch (n.manner()) {
            case CLEARLY -> say("face.clearly", low(lead));
            case MOSTLY -> say("face.mostly", low(lead));
            case BLEND -> say("face.blend", lead, say("shape.as." + n.second()));
            case BETWEEN ->
                say("face.between", low(lead), low(say("shape." + n.second())), low(say("shape." + n.third())));
        };
    }

    String shape(Shape shape) {
        return say("shape." + shape);
    }

    String settled(ShapeReading shape) {
        if (shape.settled()) {
            return say("face.settled");
        }
        String what = shape.open().stream()
                .map(g -> say("glance." + g))
                .reduce((a, b) -> say("list.and", a, b))
                .orElse("");
        return say("face.unsettled", what);
    }

    String ground(ShapeReading.Ground g) {
        return say("ground." + g.measure() + "." + g.level(), figure(g));
    }

    private static String figure(ShapeReading.Ground g) {
        boolean degrees = g.measure() == scree.core.face.Measure.JAW_ANGLE;
        return degrees ? String.valueOf(Math.round(g.value())) : Figures.two(g.value());
    }

    String finding(Finding f) {
        String words = say("finding." + f.trait() + (f.high() ? ".high" : ".low"));
        return say("strength." + f.strength(), words);
    }

    String figure(Finding f) {
        String format = f.trait() == scree.core.face.Trait.EYE_TILT ? "%.1f° ± %.1f" : "%.2f ± %.2f";
        return String.format(Locale.ROOT, format, f.value(), f.doubt());
    }

    String uneven(Unevenness u) {
        String side = say("side." + u.side());
        return say("uneven." + u.kind(), side, Math.round(u.percent()));
    }

    String landmark(Landmark l) {
        return say("landmark." + l);
    }

    private String low(String name) {
        return name.substring(0, 1).toLowerCase(locale()) + name.substring(1);
    }
}
