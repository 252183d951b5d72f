<?php

declare(strict_types=1);

use App\Foundation\Writes\RecordTable;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        $this->yards();
        $this->looks();
        $this->work();
        $this->honey();
    }

    public function down(): void
    {
        foreach (
            [
                'buckets',
                'taken_supers',
                'lots',
                'harvests',
                'clear_items',
                'clear_plans',
                'decisions',
                'winter_looks',
                'treatments',
                'weather_days',
                'flow_signs',
                'scale_weights',
                'moisture_readings',
                'frame_looks',
                'assessments',
                'box_places',
                'boxes',
                'box_kinds',
                'colony_facts',
                'colonies',
                'queens',
                'hives',
                'stands',
                'apiaries',
            ] as $table
        ) {
            Schema::dropIfExists($table);
        }
    }

    private function yards(): void
    {
        $this->records(
            'apiaries',
            function (Blueprint $table): void {
                $table->string('name', 80);
                $table->string('slug', 90);
                $table->string('letter', 4);
                $table->decimal('latitude', 8, 5);
                $table->decimal('longitude', 8, 5);
                $table->json('climate');
                $table->boolean('heather')->default(false);
                $table->json('policy')->nullable();
                $table->text('notes')->nullable();
                $table->unsignedSmallInteger('position')->default(0);
                $table->unsignedBigInteger('revision')->default(1);
            },
            unique: ['slug'],
        );
        $this->records(
            'stands',
            function (Blueprint $table): void {
                $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
                $table->unsignedSmallInteger('number');
            },
            unique: ['apiary_id', 'number'],
        );
        $this->records(
            'hives',
            function (Blueprint $table): void {
                $table->foreignUlid('stand_id')->constrained()->restrictOnDelete();
                $table->string('code', 12);
                $table->boolean('excluder')->default(true);
                $table->text('notes')->nullable();
            },
            unique: ['code'],
        );
        $this->records(
            'queens',
            function (Blueprint $table): void {
                $table->string('code', 30);
                $table->string('line', 30);
                $table->unsignedSmallInteger('year');
                $table->foreignUlid('mother_id')->nullable()->constrained('queens')->nullOnDelete();
                $table->text('notes')->nullable();
            },
            unique: ['code'],
        );
        $this->records('colonies', function (Blueprint $table): void {
            $table->foreignUlid('hive_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('queen_id')->nullable()->constrained()->nullOnDelete();
            $table->date('started_on');
            $table->date('ended_on')->nullable();
        });
        $this->records('colony_facts', function (Blueprint $table): void {
            $table->foreignUlid('colony_id')->constrained()->restrictOnDelete();
            $table->enum('kind', ['settled', 'moved', 'split', 'swarmed', 'requeened', 'united', 'died']);
            $table->date('happened_on');
            $table->foreignUlid('hive_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('queen_id')->nullable()->constrained()->nullOnDelete();
            $table->string('note', 500)->nullable();
        });
        $this->records(
            'box_kinds',
            function (Blueprint $table): void {
                $table->string('key', 40);
                $table->string('name', 80);
                $table->unsignedTinyInteger('frames');
                foreach (
                    [
                        'comb_area_dm2',
                        'inside_width_mm',
                        'external_height_mm',
                        'external_length_mm',
                        'external_width_mm',
                        'empty_mass_kg',
                    ] as $measure
                ) {
                    $table->decimal($measure, 8, 3);
                }
            },
            unique: ['key'],
        );
        $this->records(
            'boxes',
            function (Blueprint $table): void {
                $table->string('kind', 40);
                $table->unsignedTinyInteger('frames_fitted')->nullable();
                $table->string('mark', 20);
            },
            unique: ['mark'],
        );
        $this->records('box_places', function (Blueprint $table): void {
            $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
            $table->unsignedTinyInteger('position');
            $table->enum('role', ['brood', 'super']);
            $table->date('since');
            $table->date('until')->nullable();
            // A box stands in one place at a time: only open places count here.
            $table
                ->unsignedTinyInteger('open_box')
                ->nullable()
                ->storedAs('if(until is null and deleted_at is null, 1, null)');
            $table->unique(['box_id', 'open_box']);
            $table->index(['hive_id', 'until']);
        });
    }

    private function looks(): void
    {
        $this->records('assessments', function (Blueprint $table): void {
            $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('looked_at');
            $table->enum('shake', ['passed', 'failed'])->nullable();
            $table->string('note', 500)->nullable();
            $table->index(['box_id', 'looked_at']);
        });
        $this->records(
            'frame_looks',
            function (Blueprint $table): void {
                $table->foreignUlid('assessment_id')->constrained()->cascadeOnDelete();
                $table->unsignedTinyInteger('slot');
                foreach (
                    ['a_capped', 'a_open', 'a_brood', 'a_pollen', 'b_capped', 'b_open', 'b_brood', 'b_pollen'] as $share
                ) {
                    $table->decimal($share, 5, 4)->default(0);
                }
            },
            unique: ['assessment_id', 'slot'],
            checks: [
                'shares_a' => 'a_capped + a_open + a_brood + a_pollen <= 1.0001',
                'shares_b' => 'b_capped + b_open + b_brood + b_pollen <= 1.0001',
            ],
        );
        $this->records('moisture_readings', function (Blueprint $table): void {
            $table->foreignUlid('assessment_id')->nullable()->constrained()->cascadeOnDelete();
            $table->ulid('lot_id')->nullable();
            $table->enum('scale', ['water', 'nd', 'brix']);
            $table->decimal('value', 9, 5);
            $table->decimal('temperature_c', 5, 2)->default(20);
            $table->boolean('compensated')->default(true);
            $table->decimal('offset', 8, 5)->default(0);
            $table->dateTime('read_at');
        });
        $this->records(
            'scale_weights',
            function (Blueprint $table): void {
                $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
                $table->foreignUlid('hive_id')->nullable()->constrained()->nullOnDelete();
                $table->dateTime('at');
                $table->decimal('kg', 7, 3);
                $table->index(['apiary_id', 'at']);
            },
            checks: ['weight' => 'kg >= 0 and kg <= 500'],
        );
        $this->records('flow_signs', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->string('sign', 30);
            $table->string('result', 30);
            $table->dateTime('seen_at');
            $table->string('note', 500)->nullable();
            $table->index(['apiary_id', 'seen_at']);
        });
        $this->records(
            'weather_days',
            function (Blueprint $table): void {
                $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
                $table->date('date');
                $table->decimal('min_c', 4, 1);
                $table->decimal('max_c', 4, 1);
                $table->decimal('rain_p', 4, 3);
                $table->decimal('sun', 4, 3);
                $table->string('source', 30);
            },
            unique: ['apiary_id', 'date'],
        );
        $this->records('winter_looks', function (Blueprint $table): void {
            $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
            $table->date('looked_on');
            $table->decimal('frames_of_bees', 4, 1);
            $table->decimal('brood_honey_kg', 6, 2)->nullable();
            $table->decimal('brood_honey_sd_kg', 6, 2)->nullable();
            $table->enum('how', ['measured', 'estimated', 'presumed']);
        });
    }

    private function work(): void
    {
        $this->records('treatments', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->string('what', 120);
            $table->date('supers_off_by');
            $table->date('may_return')->nullable();
        });
        $this->records('decisions', function (Blueprint $table): void {
            $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
            $table->foreignUlid('user_id')->nullable()->constrained()->nullOnDelete();
            $table->enum('stage', ['assess', 'winter']);
            $table->enum('choice', ['take', 'stay']);
            $table->string('note', 500)->nullable();
            $table->json('frozen');
            $table->dateTime('decided_at');
            $table->index(['box_id', 'decided_at']);
        });
        $this->records('clear_plans', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->enum('method', ['brush', 'escape-board', 'fume-board', 'blower']);
            $table->date('first_on');
            $table->date('second_on')->nullable();
            $table->decimal('person_minutes', 7, 1);
            $table->enum('state', ['planned', 'placed', 'collected']);
            $table->json('frozen');
        });
        $this->records(
            'clear_items',
            function (Blueprint $table): void {
                $table->foreignUlid('clear_plan_id')->constrained()->cascadeOnDelete();
                $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
                $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
                $table->dateTime('placed_at')->nullable();
                $table->dateTime('collected_at')->nullable();
            },
            unique: ['clear_plan_id', 'box_id'],
        );
    }

    private function honey(): void
    {
        $this->records('harvests', function (Blueprint $table): void {
            $table->foreignUlid('apiary_id')->constrained()->restrictOnDelete();
            $table->unsignedSmallInteger('season');
            $table->string('name', 80);
            $table->date('taken_on');
            $table->index(['operation_id', 'season']);
        });
        $this->records(
            'lots',
            function (Blueprint $table): void {
                $table->foreignUlid('harvest_id')->constrained()->restrictOnDelete();
                $table->string('code', 30);
                $table->decimal('loss_kg', 7, 3)->default(0);
            },
            unique: ['code'],
        );
        $this->records(
            'taken_supers',
            function (Blueprint $table): void {
                $table->foreignUlid('harvest_id')->constrained()->restrictOnDelete();
                $table->foreignUlid('box_id')->constrained()->restrictOnDelete();
                $table->foreignUlid('hive_id')->constrained()->restrictOnDelete();
                $table->foreignUlid('colony_id')->nullable()->constrained()->nullOnDelete();
                $table->foreignUlid('queen_id')->nullable()->constrained()->nullOnDelete();
                $table->decimal('estimate_kg', 7, 3);
                $table->decimal('own_sd_kg', 7, 3);
                $table->decimal('before_kg', 7, 3)->nullable();
                $table->decimal('after_kg', 7, 3)->nullable();
                $table->decimal('allotted_kg', 7, 3)->nullable();
                $table->decimal('allotted_sd_kg', 7, 3)->nullable();
                $table->json('frozen')->nullable();
            },
            unique: ['harvest_id', 'box_id'],
            checks: ['weighed' => 'after_kg is null or before_kg is null or after_kg <= before_kg'],
        );
        $this->records(
            'buckets',
            function (Blueprint $table): void {
                $table->foreignUlid('lot_id')->constrained()->restrictOnDelete();
                $table->unsignedSmallInteger('number');
                $table->decimal('gross_kg', 7, 3);
                $table->decimal('tare_kg', 7, 3);
                $table->dateTime('weighed_at');
            },
            unique: ['lot_id', 'number'],
            checks: ['net' => 'gross_kg >= tare_kg'],
        );
        Schema::table(
            'moisture_readings',
            fn (Blueprint $table) => $table->foreign('lot_id')->references('id')->on('lots')->nullOnDelete(),
        );
    }

    /**
     * @param  list<string>  $unique
     * @param  array<string, string>  $checks
     */
    private function records(string $name, Closure $columns, array $unique = [], array $checks = []): void
    {
        RecordTable::create($name, $columns, $unique, $checks);
    }
};
