package scree.app.demo;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import scree.app.meter.MeterAddresses;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.PracticeCamera.Room;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.mix.Ingredient;
import scree.core.mix.Recipe;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Zone;
import scree.standins.camera.Ensemble;
import scree.standins.meter.ContactMeter;
import scree.standins.meter.LightMeter;
import scree.standins.meter.LineServer;

/** Plugs the simulated meters in, on free loopback ports, and lays them where an artist's hand would. */
@Component
@ConditionalOnProperty("scree.demo.enabled")
class StandInMeters implements MeterAddresses {
    private static final double LIFTED_SHARE = .06;

    private final ContactMeter colour = new ContactMeter(20260621, 82, LIFTED_SHARE);
    private final LightMeter light = new LightMeter(20260621);
    private final LineServer colourLine;
    private final LineServer lightLine;
    private final Sittings sittings;
    private final ObjectProvider<Readings> readings;

    StandInMeters(Sittings sittings, ObjectProvider<Readings> readings) {
        this.sittings = sittings;
        this.readings = readings;
        try {
            this.colourLine = LineServer.start(colour, 0);
            this.lightLine = LineServer.start(light, 0);
        } catch (IOException e) {
            throw new UncheckedIOException("no free port for the stand-in meters", e);
        }
    }

    @Override
    public String colour() {
        return colourLine.address();
    }

    @Override
    public String light() {
        return lightLine.address();
    }

    /** The forearm has the sitter's own skin; elsewhere the picture's reading stands in for what lies there. */
    @Override
    public void layOn(StudioId studio, long sitting, Zone zone) {
        Sitting s = sittings.get(studio, sitting);
        Lab own = Ensemble.all().stream()
                .filter(e -> e.name().equals(s.clientName()))
                .findFirst()
                .map(scree.standins.camera.Sitter::skin)
                .orElse(ReferenceCurve.at(60));
        Lab there = zone == Zone.FOREARM
                ? Lab.ofClamped(own.lightness() + .8, own.a() - .6, own.b())
                : readings.getObject()
                        .of(studio, sitting)
                        .flatMap(r -> r.skin().colourOf(zone))
                        .orElse(own);
        colour.touch(there);
    }

    @Override
    public void layOn(Lab swatch) {
        colour.touch(swatch);
    }

    /** Every product settles a little other than its record says, each in its own way. */
    @Override
    public void layOnStripe(long product, Lab recorded) {
        double deeper = (product * 37 % 7 - 3) * .5;
        double golden = (product * 11 % 5 - 2) * .3;
        colour.touch(Lab.ofClamped(recorded.lightness() + deeper, recorded.a(), recorded.b() + golden));
    }

    /** Drops colour stronger than a base does; Scree has to learn that from test mixes. */
    @Override
    public void layOn(Recipe mixed) {
        colour.touch(Recipe.mixed(mixed.parts().stream()
                        .map(p -> new Recipe.Part(p.ingredient().withStrength(strength(p.ingredient())), p.count()))
                        .toList())
                .toLab());
    }

    private static double strength(Ingredient i) {
        Lab c = i.spectrum().toLab();
        return c.lightness() > 88 ? 1.6 : c.chroma() > 30 ? 2.2 : c.lightness() < 28 ? 2.0 : 1;
    }

    /** Changes the room that the light meter stands in. */
    void room(Room room) {
        switch (room) {
            case WARM_LAMP -> light.room(2900, .002, 420);
            case LAMP_ABOVE -> light.room(4100, .004, 520);
            case LAMP_AND_WINDOW -> light.room(4300, -.001, 700);
            case COLOURED_WALL -> light.room(5400, .009, 650);
            case SIDE_WINDOW, WINDOW_BEHIND -> light.room(5900, .001, 380);
            case WINDOW, GREY_CARD -> light.room(5620, .0012, 900);
        }
    }

    @PreDestroy
    void unplug() throws IOException {
        colourLine.close();
        lightLine.close();
    }
}
