package scree.app.meter;

import java.io.IOException;
import java.io.InputStream;
import java.net.ConnectException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Talks to one meter by the line protocol of docs/meter-protocol.md; a connection lasts one question. */
final class MeterLine {
    private static final int PATIENCE_MS = 2000;
    private static final int LONGEST_LINE = 200;

    private final String address;

    /** @param address host:port, blank for none */
    MeterLine(String address) {
        this.address = address == null ? "" : address.strip();
    }

    boolean setUp() {
        return !address.isEmpty();
    }

    /**
     * Asks and returns the numbers after the expected word.
     *
     * @throws MeterTrouble when there is no reading to be had
     */
    double[] ask(String question, String word, int numbers) {
        String[] answer = ask(question).split(" ");
        if (answer[0].equals("ERR")) {
            throw new MeterTrouble(said(answer.length > 1 ? answer[1] : ""));
        }
        if (!answer[0].equals(word) || answer.length != numbers + 1) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
        try {
            return Arrays.stream(answer, 1, answer.length)
                    .mapToDouble(Double::parseDouble)
                    .toArray();
        } catch (NumberFormatException e) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
    }

    private static MeterTrouble.Why said(String word) {
        return switch (word) {
            case "LIFTED" -> MeterTrouble.Why.LIFTED;
            case "TILE" -> MeterTrouble.Why.TILE;
            case "BATTERY" -> MeterTrouble.Why.BATTERY;
            default -> MeterTrouble.Why.BABBLE;
        };
    }

    String ask(String question) {
        if (!setUp()) {
            throw new MeterTrouble(MeterTrouble.Why.NONE);
        }
        int colon = address.lastIndexOf(':');
        try (Socket socket = new Socket()) {
            socket.connect(
                    new InetSocketAddress(address.substring(0, colon), Integer.parseInt(address.substring(colon + 1))),
                    PATIENCE_MS);
            if (socket.getLocalSocketAddress().equals(socket.getRemoteSocketAddress())) {
                throw new MeterTrouble(MeterTrouble.Why.UNPLUGGED); // nobody listens: the line reached its own end
            }
            socket.setSoTimeout(PATIENCE_MS);
            socket.getOutputStream().write((question + "\n").getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            return line(socket.getInputStream());
        } catch (SocketTimeoutException e) {
            throw new MeterTrouble(MeterTrouble.Why.SLOW);
        } catch (ConnectException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw new MeterTrouble(MeterTrouble.Why.UNPLUGGED);
        } catch (IOException e) {
            throw new MeterTrouble(MeterTrouble.Why.UNPLUGGED);
        }
    }

    /** A device that never ends its line must not hold the page: both length and the whole wait are bounded. */
    private static String line(InputStream in) throws IOException {
        StringBuilder line = new StringBuilder();
        long until = System.nanoTime() + PATIENCE_MS * 1_000_000L;
        for (int c = in.read(); c != '\n'; c = in.read()) {
            if (c < 0) {
                throw new MeterTrouble(MeterTrouble.Why.UNPLUGGED);
            }
            if (line.length() >= LONGEST_LINE) {
                throw new MeterTrouble(MeterTrouble.Why.BABBLE);
            }
            if (System.nanoTime() > until) {
                throw new MeterTrouble(MeterTrouble.Why.SLOW);
            }
            line.append((char) c);
        }
        return line.toString().strip();
    }
}
