package scree.standins.mail;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** A mail server on a bad day: it says nothing, takes nothing, knows nobody, or hangs up. For trying what becomes of letters then. */
public final class BadDayMail implements AutoCloseable {
    private final ServerSocket door;
    private volatile Mood mood;

    /** What is wrong. */
    public enum Mood {
        /** Takes the call and says nothing. */
        SILENT,
        /** Answers that it takes nothing now (RFC 5321, 451). */
        BUSY,
        /** Knows no such address (550). */
        NOBODY,
        /** Hangs up when the letter begins. */
        TORN
    }

    private BadDayMail(ServerSocket door, Mood mood) {
        this.door = door;
        this.mood = mood;
    }

    /** Starts one on a free port of this machine. */
    public static BadDayMail start(Mood mood) throws IOException {
        BadDayMail mail = new BadDayMail(new ServerSocket(0, 10, InetAddress.getLoopbackAddress()), mood);
        beside(mail::listen);
        return mail;
    }

    /** Returns the port it listens on. */
    public int port() {
        return door.getLocalPort();
    }

    /** Has it another mood from the next call on. */
    public void turn(Mood other) {
        mood = other;
    }

    private static void beside(Runnable work) {
        Thread thread = new Thread(work, "bad-day-mail");
        thread.setDaemon(true);
        thread.start();
    }

    private void listen() {
        while (!door.isClosed()) {
            try {
                Socket caller = door.accept();
                beside(() -> talk(caller));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void talk(Socket caller) {
        try (caller;
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.US_ASCII))) {
            if (mood != Mood.SILENT) {
                say(caller, "220 stand-in");
            }
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                String answer = mood == Mood.SILENT ? null : answer(line.toUpperCase(Locale.ROOT));
                if (answer != null) {
                    say(caller, answer);
                }
                if (mood == Mood.TORN && line.equalsIgnoreCase("DATA")) {
                    return;
                }
            }
        } catch (IOException hungUp) {
            return; // the caller had enough
        }
    }

    private String answer(String line) {
        if (line.startsWith("RCPT")) {
            return mood == Mood.NOBODY
                    ? "550 5.1.1 no such address"
                    : mood == Mood.BUSY ? "451 4.3.2 not now" : "250 yes";
        }
        return line.equals("DATA") ? "354 go on" : line.startsWith("QUIT") ? "221 bye" : "250 yes";
    }

    private static void say(Socket to, String line) throws IOException {
        to.getOutputStream().write((line + "\r\n").getBytes(StandardCharsets.US_ASCII));
        to.getOutputStream().flush();
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
