package scree.app.place;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.springframework.context.MessageSource;
import org.springframework.stereotype.Component;
import scree.app.judge.RoleShelf;
import scree.app.judge.SoughtWords;
import scree.app.kit.Product;
import scree.app.look.Figures;
import scree.app.skin.Touched;
import scree.app.web.Words;
import scree.core.face.Side;
import scree.core.judge.Verdict;
import scree.core.placement.Area;
import scree.core.placement.Family;
import scree.core.placement.PlacedZone;
import scree.core.placement.Strength;
import scree.core.reason.Reason;
import scree.core.shade.Amount;

/** Puts a placement into words. */
@Component
class PlaceWords extends Words {
    PlaceWords(MessageSource messages) {
        super(messages);
    }

    String area(Area area) {
        return say("area." + area);
    }

    String tag(Area area) {
        return say("area.brief." + area);
    }

    String family(Family family) {
        return say("family." + family);
    }

    String sides(PlacedZone zone) {
        return zone.side() == Side.CENTRE ? say("place.middle") : say("place.both");
    }

    String product(Product p) {
        return p == null
                ? say("place.noProduct")
                : say("place.product", p.fullName(), say("form." + p.form()).toLowerCase(locale()));
    }

    /** Returns an amount as it is counted at the chair. */
    String amount(WorkedZone z) {
        if (z.dose() == null) {
            return "";
        }
        Amount size = Amount.of(z.dose().coats());
        return say("amount." + size) + (z.zone().side() == Side.CENTRE ? "" : " " + say("amount.aSide"));
    }

    String strength(double strength) {
        return say("strength.place." + Strength.of(strength));
    }

    /** Returns what the dose seems to do to the plane, or null where colour is meant. */
    String tilt(WorkedZone z) {
        Family f = z.zone().area().family();
        if (z.dose() == null || f != Family.SHADOW && f != Family.LIGHT) {
            return null;
        }
        OptionalDouble degrees = z.dose().degrees();
        if (degrees.isEmpty()) {
            double lighter = z.dose().result().lightness() - z.dose().ground().lightness();
            return say("place.lighterBy", lighter);
        }
        long round = Math.round(Math.abs(degrees.getAsDouble()));
        return say(degrees.getAsDouble() > 0 ? "place.turnsBack" : "place.turnsForward", round);
    }

    String reason(Reason r) {
        Object[] args = r.args().stream()
                .map(a -> a instanceof Enum<?> e
                        ? (Object) say("arg." + e.getDeclaringClass().getSimpleName() + "." + e)
                        : a)
                .toArray();
        return say("why." + r.code(), args);
    }

    /** Returns what one would see of a product: "sits well" only where it is meant. */
    String judgement(Verdict v) {
        return v.fits() ? say(v.just() ? "judge.JUST" : "judge.FITS") : say("judge.not", say("looks." + v.looks()));
    }

    /** Returns what a kit without a fitting product needs. */
    String sought(RoleShelf.Answer answer, Family family) {
        if (answer.mix() != null) {
            var m = answer.mix();
            return say(
                    "place.mixDoes",
                    m.firstParts(),
                    m.first().fullName(),
                    m.secondParts(),
                    m.second().fullName());
        }
        return new SoughtWords(this).say(family.wants(), answer.sought().words());
    }

    /** Returns where skin is broken, as told at intake and as felt; null for nowhere. */
    String broken(String told, List<Touched> felt) {
        String words = told == null || told.isBlank() ? null : told;
        for (Touched t : felt) {
            String zone = say("zone." + t.zone()).toLowerCase(Locale.ROOT)
                    + (t.side() == Side.CENTRE ? "" : " " + say("side." + t.side()));
            words = words == null ? zone : words + ", " + zone;
        }
        return words;
    }

    /** Returns what is done about a spot after all else is on. */
    String spotLast(SpotsLast.Spot s) {
        String spot =
                say("spot." + s.mark().spot().kind()) + " " + s.mark().spot().id();
        String under = String.join(", ", s.under());
        String asItIs = Figures.one(s.answer().asItIs());
        if (s.answer().recipe().isEmpty()) {
            boolean unseen = s.answer().asItIs() <= scree.core.cover.Place.TARGET;
            return say(unseen ? "place.spotLast.leave" : "place.spotLast.none", spot, under, asItIs);
        }
        var recipe = s.answer().recipe().get();
        String parts = recipe.parts().stream()
                .map(p -> say("place.spotLast.part", p.count(), p.ware().what().name()))
                .collect(java.util.stream.Collectors.joining(say("place.spotLast.and")));
        String line = say(
                "place.spotLast.mix",
                spot,
                under,
                asItIs,
                parts,
                say("amount." + Amount.of(recipe.coats())).toLowerCase(locale()),
                Figures.one(recipe.left()));
        return s.answer().dot() == null
                ? line
                : line + " " + say("place.spotLast.dot", Figures.one(s.answer().dot()));
    }
}
