package scree.core.colour;

/**
 * A film of one product as it lies settled: what it hides and how thick it is. Films of one product on each other add exactly.
 *
 * @param product spectrum at full opacity
 * @param power scattering power S·X of the film, 0 or more
 * @param microns thickness, 0 or more
 */
public record Film(Spectrum product, double power, double microns) {
    /** Returns the same product so many times as thick. */
    public Film times(double amount) {
        return new Film(product, power * amount, microns * amount);
    }

    /** Returns the spectrum seen over a ground. */
    public Spectrum over(Spectrum ground) {
        return KubelkaMunk.film(product, ground, power);
    }
}
