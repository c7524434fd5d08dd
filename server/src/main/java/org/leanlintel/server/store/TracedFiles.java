package org.leanlintel.server.store;

import jakarta.persistence.EntityManager;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.leanlintel.core.model.Model;
import org.leanlintel.core.model.Tracing;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Files to trace from, by the SHA-256 of their bytes. One that is there already is not stored again. */
@Repository
@Transactional
public class TracedFiles {

    private final EntityManager entities;

    TracedFiles(EntityManager entities) {
        this.entities = entities;
    }

    /** @return its name */
    public String keep(byte[] bytes) {
        String name = nameOf(bytes);
        if (entities.find(TracedFileRow.class, name) == null) entities.persist(new TracedFileRow(name, bytes));
        return name;
    }

    public Optional<byte[]> find(String name) {
        return Optional.ofNullable(entities.find(TracedFileRow.class, name)).map(TracedFileRow::bytes);
    }

    /** All that a project's tracings show, by name. */
    public Map<String, byte[]> of(Model model) {
        Map<String, byte[]> found = new TreeMap<>();
        for (Tracing t : model.all(Tracing.class)) find(t.file()).ifPresent(bytes -> found.put(t.file(), bytes));
        return found;
    }

    private static String nameOf(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
