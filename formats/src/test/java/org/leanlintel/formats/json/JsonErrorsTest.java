package org.leanlintel.formats.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.leanlintel.core.edit.Edit;
import org.leanlintel.core.model.StairRules;
import org.leanlintel.formats.standard.TradeRegion;
import tools.jackson.core.JacksonException;

class JsonErrorsTest {

    private static String sentence(String json, Class<?> type) {
        return JsonErrors.sentence(
                catchThrowableOfType(JacksonException.class, () -> Json.mapper().readValue(json, type)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"name\":\"x\"} | At limits (line 1, column 12): it is missing.",
                "[] | At line 1, column 1: stair rules expected here.",
                "{\"name\":\"\",\"limits\":[]} | At line 1, column 23: The name of a set of rules for stairs must not be empty.",
                "{\"name\":\"x\",\"limits\":[null]} | At limits[0] (line 1, column 23): null cannot stand here.",
            })
    void saysWhatIsWrongAndWhere(String json, String sentence) {
        assertThat(sentence(json, StairRules.class)).isEqualTo(sentence);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"type\":\"fly\"} | there is no edit called \"fly\".",
                "{} | its type is missing: it says which edit it is.",
                "{\"type\":\"copies\",\"elements\":[],\"by\":[0,0],\"count\":\"two\"} | a whole number is written here.",
                "{\"type\":\"drawRoomLimit\",\"storey\":{}} | An id is written as text.",
            })
    void saysSoOfEditsToo(String json, String end) {
        assertThat(sentence(json, Edit.class)).endsWith(end);
    }

    @ParameterizedTest
    @CsvSource({"NOPE", "rise_most"})
    void namesTheValuesThereAre(String what) {
        String json = "{\"name\":\"x\",\"limits\":[{\"what\":\"%s\",\"value\":3,\"source\":\"a\",\"sure\":true}]}";
        assertThat(sentence(json.formatted(what), StairRules.class))
                .startsWith("At limits[0].what (line 1, column 31): \"%s\" is none of RISE_MOST, RISE_LEAST,"
                        .formatted(what));
    }

    @Test
    void saysSoOfEmptyTextWhereThereShouldBeMore() {
        assertThat(sentence("{\"roomNames\":\"\"}", TradeRegion.class))
                .isEqualTo("At roomNames (line 1, column 14): an empty text cannot stand here.");
    }
}
