package scree.standins.meter;

/** Something that answers one line with one line. */
@FunctionalInterface
public interface Device {
    /** Returns the answer, or null to stay silent, as a device does whose plug was pulled. */
    String answer(String command);
}
