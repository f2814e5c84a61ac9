package scree.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** The line between a browser and the server, which can be cut: what is open breaks off, and nobody gets through. */
final class Line implements AutoCloseable {
    private final ServerSocket end;
    private final int server;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;

    private Line(ServerSocket end, int server) {
        this.end = end;
        this.server = server;
    }

    static Line to(int server) {
        try {
            Line line = new Line(new ServerSocket(0, 64, InetAddress.getLoopbackAddress()), server);
            start(line::answer);
            return line;
        } catch (IOException e) {
            throw new UncheckedIOException("no line to " + server, e);
        }
    }

    int port() {
        return end.getLocalPort();
    }

    void cut(boolean off) {
        cut = off;
        if (off) {
            open.forEach(Line::hangUp);
            open.clear();
        }
    }

    private void answer() {
        while (!end.isClosed()) {
            try {
                Socket here = end.accept();
                if (cut) {
                    hangUp(here);
                    continue;
                }
                Socket there = new Socket(InetAddress.getLoopbackAddress(), server);
                open.add(here);
                open.add(there);
                start(() -> pass(here, there));
                start(() -> pass(there, here));
            } catch (IOException ended) {
                // closed, or the other end went away: the next call is another one
            }
        }
    }

    private void pass(Socket from, Socket to) {
        try {
            from.getInputStream().transferTo(to.getOutputStream());
        } catch (IOException broken) {
            // the other side is told by hanging up
        } finally {
            hangUp(from);
            hangUp(to);
            open.remove(from);
            open.remove(to);
        }
    }

    private static void hangUp(Socket socket) {
        try {
            socket.close();
        } catch (IOException gone) {
            // it is
        }
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work, "line");
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        cut(true);
        end.close();
    }
}
