package jomble.e2e;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;

/**
 * Stands before two instances as a load balancer would: everybody is sent to the first until it is about to tell something, then it is gone with
 * all its connections, and everybody is sent to the second.
 */
final class Relay implements AutoCloseable {
    private final ServerSocket door;
    private final int second;
    private final String lastWords;
    private final Queue<Socket> connections = new ConcurrentLinkedQueue<>();
    private volatile int target;

    /** @param lastWords the first instance is gone before these reach anybody */
    Relay(String first, String second, String lastWords) throws IOException {
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        this.target = URI.create(first).getPort();
        this.second = URI.create(second).getPort();
        this.lastWords = lastWords;
        background(this::letIn);
    }

    String address() {
        return "http://127.0.0.1:" + door.getLocalPort();
    }

    boolean isFirstGone() {
        return target == second;
    }

    private interface Work {
        void run() throws IOException;
    }

    private static void background(Work work) {
        Thread thread = new Thread(() -> {
            try {
                work.run();
            } catch (IOException e) {
                // one of both ends has gone
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private void letIn() throws IOException {
        while (!door.isClosed()) {
            Socket caller = door.accept();
            Socket instance = new Socket(InetAddress.getLoopbackAddress(), target);
            boolean isFirst = !isFirstGone();
            connections.add(caller);
            connections.add(instance);
            background(() -> pass(caller, instance, false));
            background(() -> pass(instance, caller, isFirst));
        }
    }

    private void pass(Socket from, Socket to, boolean listening) throws IOException {
        try (from;
                to) {
            InputStream in = from.getInputStream();
            OutputStream out = to.getOutputStream();
            byte[] buffer = new byte[8192];
            for (int got = in.read(buffer); got >= 0; got = in.read(buffer)) {
                if (listening && new String(buffer, 0, got, StandardCharsets.ISO_8859_1).contains(lastWords)) {
                    target = second;
                    for (Socket connection : connections) {
                        connection.close();
                    }
                    return;
                }
                out.write(buffer, 0, got);
                out.flush();
            }
        }
    }

    @Override
    public void close() throws IOException {
        door.close();
        for (Socket connection : connections) {
            connection.close();
        }
    }
}
