package scree.app.place;

import scree.app.kit.Product;
import scree.core.placement.Dose;
import scree.core.placement.PlacedZone;

/** A zone with the product that it takes from this kit and its dose; both null when the kit has none for it. */
public record WorkedZone(int number, PlacedZone zone, Product product, Dose.Film film, Dose dose) {}
