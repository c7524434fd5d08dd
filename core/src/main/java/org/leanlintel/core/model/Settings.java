package org.leanlintel.core.model;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.leanlintel.core.measure.UnitSystem;

/**
 * The project's own facts, which the title block fills itself from.
 *
 * @param region the trade region whose stock, words and sizes it is offered, by its id: "UK"
 * @param numbering how its rooms are numbered
 * @param letters what the marks of walls, doors and windows begin with
 * @param clauses how its keyed notes are counted
 * @param titleBlock that of its sheets
 * @param ownFields what its title blocks tell besides
 * @param cutHeightMm how far above a storey's level its plan is cut; usually 1,200 mm (ISO 7519 practice: 1.0 to 1.5 m)
 */
public record Settings(
        ElementId id,
        String name,
        String address,
        String client,
        String drawnBy,
        UnitSystem units,
        PaperSize paper,
        double cutHeightMm,
        String region,
        RoomNumbering numbering,
        MarkLetters letters,
        ClauseNumbering clauses,
        ElementId titleBlock,
        List<OwnField> ownFields)
        implements Element.Sole {

    /** How the storeys are counted in the numbers of rooms. */
    public enum RoomNumbering {
        /** 0.01 on the storey at the datum, 1.01 on the next. */
        FROM_ZERO,
        /** 101 on the storey at the datum, 201 on the next. */
        HUNDREDS
    }

    /** How keyed notes are counted. */
    public enum ClauseNumbering {
        /** One has the same number on all sheets. */
        THROUGH_SET,
        /** From 1 on each sheet. */
        BY_SHEET
    }

    /** There is one, and this is its name. */
    public static final ElementId ID = new ElementId("settings");

    private static final int MOST_FIELDS = 40;

    /** With the usual title block and no fields of its own. */
    public Settings(
            ElementId id,
            String name,
            String address,
            String client,
            String drawnBy,
            UnitSystem units,
            PaperSize paper,
            double cutHeightMm,
            String region,
            RoomNumbering numbering,
            MarkLetters letters) {
        this(
                id,
                name,
                address,
                client,
                drawnBy,
                units,
                paper,
                cutHeightMm,
                region,
                numbering,
                letters,
                ClauseNumbering.THROUGH_SET,
                TitleBlock.USUAL,
                List.of());
    }

    public Settings {
        name = Checks.name("The project's name", name);
        address = Checks.text("The address", address, 200);
        client = Checks.text("The client", client, 120);
        drawnBy = Checks.text("The drafter's name", drawnBy, 80);
        region = Checks.name("The trade region", region);
        ownFields = List.copyOf(ownFields);
        if (ownFields.size() > MOST_FIELDS)
            throw new Unusable("A project has %d fields of its own at most.".formatted(MOST_FIELDS));
        if (ownFields.stream()
                        .map(f -> f.name().toLowerCase(Locale.ROOT))
                        .distinct()
                        .count()
                < ownFields.size()) throw new Unusable("Two fields of the title block have one name.");
        cutHeightMm = Checks.between("The height of the plan's cut", cutHeightMm, 100, 5000);
    }

    /** What title blocks, notes and words on sheets can say of the project, by the names of their fields in small letters. */
    public Map<String, String> fields() {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("project", name);
        fields.put("address", address);
        fields.put("client", client);
        fields.put("drawn by", drawnBy);
        for (OwnField f : ownFields) fields.put(f.name().toLowerCase(Locale.ROOT), f.value());
        return fields;
    }

    /** The same with another title block and other fields in it. */
    public Settings titled(ElementId block, List<OwnField> fields) {
        return with(name, letters, clauses, block, fields);
    }

    /** The same with keyed notes counted otherwise. */
    public Settings counting(ClauseNumbering other) {
        return with(name, letters, other, titleBlock, ownFields);
    }

    /** The same with marks that begin otherwise. */
    public Settings lettered(MarkLetters other) {
        return with(name, other, clauses, titleBlock, ownFields);
    }

    /** The same of another project. */
    public Settings named(String other) {
        return with(other, letters, clauses, titleBlock, ownFields);
    }

    private Settings with(
            String called, MarkLetters marks, ClauseNumbering counted, ElementId block, List<OwnField> fields) {
        return new Settings(
                id,
                called,
                address,
                client,
                drawnBy,
                units,
                paper,
                cutHeightMm,
                region,
                numbering,
                marks,
                counted,
                block,
                fields);
    }
}
