package scree.app.meter;

import java.time.OffsetDateTime;
import java.util.Optional;
import scree.core.colour.Pressed;

/** The presses on a product's swatch, wet and settled, and when it was last pressed wet. */
public record PressedSwatch(Pressed wet, Pressed settled, Optional<OffsetDateTime> wetAt) {}
