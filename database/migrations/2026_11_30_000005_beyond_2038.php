<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Times that the database counts in seconds end in January 2038; records are kept longer than that. */
return new class extends Migration
{
    /** A table at a time. The connection speaks UTC, so no hour moves. */
    public function up(): void
    {
        foreach (Schema::getTableListing(DB::getDatabaseName(), schemaQualified: false) as $table) {
            $changes = [];
            foreach (Schema::getColumns($table) as $column) {
                if ($column['type_name'] === 'timestamp') {
                    $default = $column['default'];
                    $changes[] = "modify `{$column['name']}` datetime".($column['nullable'] ? ' null' : ' not null')
                        .(is_string($default) && $default !== 'NULL' ? " default {$default}" : '');
                }
            }
            if ($changes !== []) {
                DB::statement("alter table `{$table}` ".implode(', ', $changes));
            }
        }
    }

    /** What is wider holds all that the narrower did. */
    public function down(): void
    {
    }
};
