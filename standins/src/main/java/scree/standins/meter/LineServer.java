package scree.standins.meter;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;

/** Serves one device on a loopback port, line by line, until it is closed. */
public final class LineServer implements AutoCloseable {
    private final ServerSocket socket;
    private final Device device;

    private LineServer(ServerSocket socket, Device device) {
        this.socket = socket;
        this.device = device;
    }

    /** @param port 0 for any free one */
    public static LineServer start(Device device, int port) throws IOException {
        LineServer server = new LineServer(new ServerSocket(port, 8, InetAddress.getLoopbackAddress()), device);
        Thread listening = new Thread(server::listen, "meter on " + server.port());
        listening.setDaemon(true);
        listening.start();
        return server;
    }

    public int port() {
        return socket.getLocalPort();
    }

    /** Returns host and port as the application wants it. */
    public String address() {
        return "127.0.0.1:" + port();
    }

    private void listen() {
        while (!socket.isClosed()) {
            try (Socket caller = socket.accept()) {
                if (socket.isClosed()) {
                    return; // the kernel may still hand over a caller that came while the plug was pulled
                }
                caller.setSoTimeout(5000);
                talk(caller);
            } catch (SocketException closed) {
                // the plug was pulled
            } catch (IOException e) {
                // a caller that hung up; the next may ask again
            }
        }
    }

    private void talk(Socket caller) throws IOException {
        var in = new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.US_ASCII));
        var out = new PrintWriter(new OutputStreamWriter(caller.getOutputStream(), StandardCharsets.US_ASCII), true);
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            String answer = device.answer(line.strip());
            if (answer == null) {
                return;
            }
            out.print(answer + "\n");
            out.flush();
        }
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
