package pebblestep.app.letters;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketAddress;
import javax.net.SocketFactory;

/**
 * Makes sockets that connect to one address, whatever name they are given. A name that is looked up twice may answer with a public
 * address when it is checked and with one inside the network when it is connected to.
 */
final class CheckedSockets extends SocketFactory {
    private final InetAddress address;

    /** Sockets to an address that was checked. */
    CheckedSockets(InetAddress address) {
        this.address = address;
    }

    @Override
    public Socket createSocket() {
        return new Socket() {
            @Override
            public void connect(SocketAddress asked) throws IOException {
                connect(asked, 0);
            }

            @Override
            public void connect(SocketAddress asked, int timeout) throws IOException {
                if (!(asked instanceof InetSocketAddress named)) throw new IOException("This is no address: " + asked);
                super.connect(new InetSocketAddress(address, named.getPort()), timeout);
            }
        };
    }

    @Override
    public Socket createSocket(String host, int port) throws IOException {
        Socket socket = createSocket();
        socket.connect(InetSocketAddress.createUnresolved(host, port));
        return socket;
    }

    @Override
    public Socket createSocket(String host, int port, InetAddress from, int fromPort) throws IOException {
        Socket socket = createSocket();
        socket.bind(new InetSocketAddress(from, fromPort));
        socket.connect(InetSocketAddress.createUnresolved(host, port));
        return socket;
    }

    @Override
    public Socket createSocket(InetAddress host, int port) throws IOException {
        return createSocket(host.getHostAddress(), port);
    }

    @Override
    public Socket createSocket(InetAddress host, int port, InetAddress from, int fromPort) throws IOException {
        return createSocket(host.getHostAddress(), port, from, fromPort);
    }
}
