package scree.app.handover;

import java.util.List;

/**
 * The client's sheet.
 *
 * @param careful what the client reacts to, in their words, or null
 * @param faces small faces by phase, none where nothing was placed
 * @param more cautions, every one
 */
record TakeHome(
        String client,
        String line,
        String careful,
        List<Face> faces,
        List<Legend> legend,
        List<Step> steps,
        List<Product> products,
        String quickTitle,
        List<String> quick,
        List<Product> touchUp,
        List<String> more,
        String made) {
    /** A small face; the picture as a data address. */
    record Face(String title, String picture, List<Zone> zones) {}

    record Zone(int number, String area, String product) {}

    record Legend(String name, String picture) {}

    record Step(int number, String step, String how, String with, String amount) {}

    /**
     * A product.
     *
     * @param instead what does as well, in words
     * @param contains what its label says that may be reacted to, or null
     */
    record Product(String role, String name, String colour, String amount, String instead, String contains) {}
}
