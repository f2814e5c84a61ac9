package scree.app.colour;

import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import scree.app.place.CheekColour;
import scree.app.sitting.Sitting;
import scree.app.studio.StudioId;
import scree.core.harmony.Part;

/** Tells Place of the blush that Colour wears. */
@Component
class ChosenCheek implements CheekColour {
    private final ObjectProvider<Colours> colours; // Colour leans on Place, which asks here

    ChosenCheek(ObjectProvider<Colours> colours) {
        this.colours = colours;
    }

    @Override
    public Optional<Long> chosen(StudioId studio, Sitting sitting) {
        Colours all = colours.getObject();
        return all.worked(studio, sitting.id()) ? all.pick(studio, sitting, Part.CHEEK) : Optional.empty();
    }
}
