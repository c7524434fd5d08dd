package org.leanlintel.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses a body that is too large while it arrives, before it fills the memory. */
@Component
class BodyLimit extends OncePerRequestFilter {

    /** Bytes: of a project file, with the files its tracings show; of a file to trace from; of anything else. */
    private static final long PROJECT = 200_000_000, FILE = FilesApi.MOST_BYTES + 1, OTHER = 20_000_000;

    /** A body went past its limit. */
    static final class TooLarge extends RuntimeException {
        private static final long serialVersionUID = 1;

        private TooLarge(long most) {
            super("That is too large: %d MB at most.".formatted(most / 1_000_000));
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new Limited(request, limitOf(request.getRequestURI())), response);
    }

    private static long limitOf(String path) {
        return path.endsWith("/projects/file") ? PROJECT : path.endsWith("/files") ? FILE : OTHER;
    }

    private static final class Limited extends HttpServletRequestWrapper {

        private final long most;

        Limited(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (getContentLengthLong() > most) throw new TooLarge(most);
            return new Counted(super.getInputStream(), most);
        }
    }

    private static final class Counted extends ServletInputStream {

        private final ServletInputStream in;
        private final long most;
        private long read;

        Counted(ServletInputStream in, long most) {
            this.in = in;
            this.most = most;
        }

        private int counted(int more) {
            if (more > 0 && (read += more) > most) throw new TooLarge(most);
            return more;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            counted(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            return counted(in.read(into, from, length));
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
