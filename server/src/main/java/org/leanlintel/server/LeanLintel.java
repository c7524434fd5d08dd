package org.leanlintel.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class LeanLintel {

    public static void main(String[] args) {
        SpringApplication.run(LeanLintel.class, args);
    }
}
