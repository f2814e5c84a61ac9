package scree.app.studio;

/** What a page may load and run: own files only. */
public final class ContentPolicy {
    public static final String PAGES = "default-src 'self'; img-src 'self' data: blob:; style-src 'self'; "
            + "script-src 'self'; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    /** The Face page and a client's page may run WebAssembly, for the first guess of the points; nothing else is loosened. */
    static final String FACE = PAGES.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'");

    private ContentPolicy() {}
}
