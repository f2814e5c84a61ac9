package scree.app.web;

import java.util.regex.Pattern;

/** Addresses as they may be logged: a client's link opens with its token alone, so the token is never written down. */
final class Masked {
    private static final Pattern LINK = Pattern.compile("(/from-home/|/calendar/|/first-run/|/join/)[^/?#\\s]+");
    private static final int LONGEST = 200;

    private Masked() {}

    static String path(String path) {
        String masked = LINK.matcher(path).replaceAll("$1…");
        return masked.length() <= LONGEST ? masked : masked.substring(0, LONGEST) + "…";
    }
}
